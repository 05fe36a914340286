import type { Arrangement, Piece, View } from "../api/client";
import type { Place } from "../parts/line";
import { rounded, say } from "../words/say";

export type Move = NonNullable<Arrangement["moves"]>[number];
export type Crop = NonNullable<Arrangement["crop"]>;

export const WHOLE: Crop = { left: 0, top: 0, right: 1, bottom: 1 };
const LEAST = 0.1;
/** Share of the picture that an accent put by hand takes. */
const ACCENT = 0.0015;

/** How a piece arranges its reference now. */
export function arrangementOf(piece: Piece): Required<Arrangement> {
  return { crop: WHOLE, level: 0, moves: [], accents: [], ...piece.settings.arrangement };
}

export const isPlain = ({ crop, level, moves, accents }: Required<Arrangement>) =>
  !level &&
  !moves.length &&
  !accents.length &&
  (Object.keys(WHOLE) as (keyof Crop)[]).every((k) => crop[k] === WHOLE[k]);

/** Where a place of the arranged picture lies in the reference. */
export function toReference({ back }: View, { x, y }: Place): Place {
  const [a, b, c, d, e, f] = back ?? [0, 1, 0, 0, 0, 1];
  const inside = (n: number) => Math.min(1, Math.max(0, n));
  return { x: inside(a + b * x + c * y), y: inside(d + e * x + f * y) };
}

/** The same arrangement with one area moved from a place of the reference by shares of it. */
export const withMove = (of: Required<Arrangement>, move: Partial<Move> & Place): Arrangement => ({
  ...of,
  moves: [...of.moves, { dx: 0, dy: 0, scale: 1, drop: false, ...move }],
});

/** The same arrangement with a small accent at a place of the reference. */
export const withAccent = (of: Required<Arrangement>, at: Place, value: number): Arrangement => ({
  ...of,
  accents: [...of.accents, { ...at, value, share: ACCENT }],
});

/** Where light comes from when it falls along a drag: degrees counter-clockwise from the right. */
export function directionOf({ width, height }: View, by: Place): number {
  const degrees = (Math.atan2(by.y * height, -by.x * width) * 180) / Math.PI;
  return Math.round((degrees + 360) % 360) % 360;
}

export type Side = keyof Crop;

/** A crop with one side dragged to a share of the reference; it keeps a tenth of each side. */
export function dragged(crop: Crop, side: Side, to: number): Crop {
  const opposite = { left: crop.right, right: crop.left, top: crop.bottom, bottom: crop.top }[side];
  const low = side === "left" || side === "top";
  const share = low ? Math.min(opposite - LEAST, to) : Math.max(opposite + LEAST, to);
  return { ...crop, [side]: Math.round(Math.min(1, Math.max(0, share)) * 1000) / 1000 };
}

/** Lengths as painters read them: cm, or inches where they want them. */
export const length = (cm: number, inches: boolean) =>
  inches
    ? say("arrangement-in", { cm: rounded(cm / 2.54, 2) })
    : say("arrangement-cm", { cm: rounded(cm, 1) });
