import type { Area, AreaWords, Piece } from "../api/client";

export interface Place {
  x: number;
  y: number;
}

export const NOTHING: AreaWords = { strokes: [], names: [], families: [], depths: [] };

/** What the painter has said about the areas of a piece so far. */
export const wordsOf = (piece: Piece): AreaWords => ({ ...NOTHING, ...piece.settings.areas });

const MOST_POINTS = 200;
const LEAST_LENGTH = 0.015;

/** A drawn line with no more points than it needs, or null where it is only a touch. */
export function stroke(points: readonly Place[]): Place[] | null {
  const [first] = points;
  if (!first) return null;
  const far = Math.max(...points.map(({ x, y }) => Math.hypot(x - first.x, y - first.y)));
  if (far < LEAST_LENGTH) return null;
  const step = Math.ceil(points.length / MOST_POINTS);
  const inside = (n: number) => Math.min(1, Math.max(0, n));
  return points
    .filter((_, k) => k % step === 0 || k === points.length - 1)
    .map(({ x, y }) => ({ x: inside(x), y: inside(y) }));
}

export type Stroke = NonNullable<AreaWords["strokes"]>[number];

/** The same words with one stroke more: over a thing, against another, round it, or joining what it crosses. */
export const withStroke = (words: AreaWords, stroke: Stroke): AreaWords => ({
  ...words,
  strokes: [...(words.strokes ?? []), stroke],
});

/** The same words with a name for one area; the one it had before goes. */
export function withName(words: AreaWords, area: Area, name: string): AreaWords {
  const [x, y] = area.inside;
  const others = (words.names ?? []).filter((n) => n.name !== area.name);
  return { ...words, names: [...others, { x, y, name }] };
}

/** The same words with the family of one area; what was said before at that place is overruled. */
export function withFamily(words: AreaWords, area: Area, family: Area["family"]): AreaWords {
  const [x, y] = area.inside;
  return { ...words, families: [...(words.families ?? []), { x, y, family }] };
}

/** The same words with one area a step farther (-1) or nearer (1): the whole order is the painter's then. */
export function moved(words: AreaWords, areas: readonly Area[], id: string, by: -1 | 1): AreaWords {
  const order = [...areas];
  const at = order.findIndex((a) => a.id === id);
  const other = order[at + by];
  const own = order[at];
  if (!own || !other) return words;
  order[at + by] = own;
  order[at] = other;
  return { ...words, depths: order.map(({ inside: [x, y] }) => ({ x, y })) };
}
