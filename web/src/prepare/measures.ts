import type { Prepared } from "../api/client";
import type { Place } from "../parts/line";
import { figure, say } from "../words/say";

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
  told: (cm: number) => string,
): Measure[] {
  const found: Measure[] = marks.map((mark, k) => {
    const { x, y } = onSheet(size, mark);
    return {
      what: say("measures-place", { k: k + 1 }),
      figure: say("measures-place-at", { x: told(x), y: told(y) }),
    };
  });
  const stretches = marks.slice(1).map((mark, k) => between(size, marks[k] as Place, mark));
  stretches.forEach(({ cm, angle }, k) => {
    found.push({
      what: say("measures-from-to", { k: k + 1, k2: k + 2 }),
      figure: say("measures-level", { cm: told(cm), angle: Math.round(angle) }),
    });
  });
  const [one, other] = stretches.slice(-2);
  if (one && other)
    found.push({
      what: say("measures-last-two-lengths"),
      figure: `1 : ${figure(other.cm / one.cm, 2)}`,
    });
  return found;
}
