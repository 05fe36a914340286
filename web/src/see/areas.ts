import type { Area, AreaWords, Piece } from "../api/client";

export const NOTHING: AreaWords = { strokes: [], names: [], families: [], depths: [] };

/** What the painter has said about the areas of a piece so far. */
export const wordsOf = (piece: Piece): AreaWords => ({ ...NOTHING, ...piece.settings.areas });

export type Stroke = NonNullable<AreaWords["strokes"]>[number];

/** A line that means nothing more than what it is drawn over. */
export const STROKE = { against: null, closed: false, joins: false, byLight: false };

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

/** The same words with one area put where another stands in the order from far to near. */
export function placed(
  words: AreaWords,
  areas: readonly Area[],
  id: string,
  at: number,
): AreaWords {
  const own = areas.find((a) => a.id === id);
  if (!own || areas[at] === own) return words;
  const order = areas.filter((a) => a !== own);
  order.splice(at, 0, own);
  return { ...words, depths: order.map(({ inside: [x, y] }) => ({ x, y })) };
}

const placeIn = ({ inside: [x, y] }: Area) => ({ x, y });

/** The same words with two areas made one, wherever they lie. */
export const withJoin = (words: AreaWords, one: Area, other: Area) =>
  withStroke(words, { ...STROKE, points: [placeIn(one)], against: [placeIn(other)], joins: true });

/** The same words with an area divided into its light and its shadow. */
export const withHalves = (words: AreaWords, area: Area) =>
  withStroke(words, { ...STROKE, points: [placeIn(area)], byLight: true });
