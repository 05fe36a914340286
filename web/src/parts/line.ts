export interface Place {
  x: number;
  y: number;
}

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
