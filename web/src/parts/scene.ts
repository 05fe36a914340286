import type { Shape } from "../api/client";
import type { Place } from "./line";

export const HUES = ["red", "orange", "yellow", "green", "sea-green", "blue", "violet"] as const;
const TURNS = [20, 55, 90, 140, 190, 265, 320];
const CHROMA = 26;
const FRAME = 0.02;

/** What is painted with: a value, and a hue by its place in the list, or grey. */
export interface Brush {
  value: number;
  hue: number | null;
}

type Tone = { value: number; a: number; b: number };

/** The colour of a brush: Lab at one chroma for all hues. */
export function colour({ value, hue }: Brush): Tone {
  const turn = ((hue === null ? 0 : (TURNS[hue] ?? 0)) * Math.PI) / 180;
  const chroma = hue === null ? 0 : CHROMA;
  const round = (n: number) => Math.round(10 * n) / 10;
  return { value, a: round(chroma * Math.cos(turn)), b: round(chroma * Math.sin(turn)) };
}

/** The listed hue nearest to that of a shape; null for greys. */
export function hueOf({ a = 0, b = 0 }: Shape): number | null {
  if (Math.hypot(a, b) < CHROMA / 2) return null;
  const turn = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  const away = TURNS.map((t) => Math.min(Math.abs(t - turn), 360 - Math.abs(t - turn)));
  return away.indexOf(Math.min(...away));
}

/** A shape's colour on screen: lightness is ten times the value within a step. */
export const shown = ({ value, a = 0, b = 0 }: { value: number; a?: number; b?: number }) =>
  `lab(${10 * value} ${a} ${b})`;

/** Near the frame means up to it: nobody wants a sliver of bare paper along the border. */
const toFrame = (n: number) => (n < FRAME ? 0 : n > 1 - FRAME ? 1 : n);
export const inside = ({ x, y }: Place): [number, number] => [toFrame(x), toFrame(y)];

/** Whether a place lies inside a polygon: a ray from it crosses the outline an odd number of times. */
export function holds(points: readonly [number, number][], { x, y }: Place): boolean {
  let odd = false;
  for (let k = 0, before = points.length - 1; k < points.length; before = k++) {
    const [ax, ay] = points[k] ?? [0, 0];
    const [bx, by] = points[before] ?? [0, 0];
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) odd = !odd;
  }
  return odd;
}
