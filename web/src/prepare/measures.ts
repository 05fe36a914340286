import type { Prepared } from "../api/client";
import type { Place } from "../parts/line";

export interface Measure {
  what: string;
  figure: string;
}

type Size = Pick<Prepared, "widthCm" | "heightCm" | "leftCm" | "topCm">;

/** A place of the picture in cm from the sheet's left and top edge. */
export const onSheet = (size: Size, { x, y }: Place) => ({
  x: size.leftCm + x * size.widthCm,
  y: size.topCm + y * size.heightCm,
});

/** Distance in cm and angle in degrees (counter-clockwise from the right) between two places. */
export function between(size: Size, one: Place, other: Place): { cm: number; angle: number } {
  const dx = (other.x - one.x) * size.widthCm;
  const dy = (other.y - one.y) * size.heightCm;
  return { cm: Math.hypot(dx, dy), angle: (Math.atan2(-dy, dx) * 180) / Math.PI };
}

/** What the marked places tell: each from the edges, each stretch, and the ratio of the last two. */
export function measuresBetween(
  size: Size,
  marks: readonly Place[],
  say: (cm: number) => string,
): Measure[] {
  const found: Measure[] = marks.map((mark, k) => {
    const { x, y } = onSheet(size, mark);
    return { what: `Place ${k + 1}`, figure: `${say(x)} from the left, ${say(y)} from the top` };
  });
  const stretches = marks.slice(1).map((mark, k) => between(size, marks[k] as Place, mark));
  stretches.forEach(({ cm, angle }, k) => {
    found.push({
      what: `From ${k + 1} to ${k + 2}`,
      figure: `${say(cm)}, ${Math.round(angle)}° from level`,
    });
  });
  const [one, other] = stretches.slice(-2);
  if (one && other)
    found.push({ what: "The last two lengths", figure: `1 : ${(other.cm / one.cm).toFixed(2)}` });
  return found;
}
