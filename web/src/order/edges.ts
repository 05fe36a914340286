import type { Piece, Plan } from "../api/client";
import { toReference } from "../prepare/arrangement";

export type Stretch = NonNullable<Plan["document"]["edges"]>[number];
export type EdgeKind = Stretch["how"];
type Wish = NonNullable<Piece["settings"]["edges"]>[number];

export const KINDS: readonly EdgeKind[] = ["firm", "soft", "lost", "broken"];

/** How near (pixels) a touch must come to a border, and how near (shares) a wish lies to its stretch. */
const [NEAR, SAME] = [14, 0.012];

/** The number of the stretch nearest to a place x, y 0–1 of the picture; null where none is near. */
export function nearestStretch(
  where: Uint16Array | null,
  width: number,
  height: number,
  x: number,
  y: number,
): number | null {
  if (!where) return null;
  const [column, row] = [Math.floor(x * width), Math.floor(y * height)];
  let best: number | null = null;
  let far = NEAR * NEAR + 1;
  for (let dy = -NEAR; dy <= NEAR; dy++)
    for (let dx = -NEAR; dx <= NEAR; dx++) {
      const [r, c] = [row + dy, column + dx];
      if (r < 0 || r >= height || c < 0 || c >= width) continue;
      const number = where[r * width + c];
      const away = dx * dx + dy * dy;
      if (number && away < far) [best, far] = [number, away];
    }
  return best;
}

/** What lies behind a stretch of silhouette. */
export const BEHIND = ["as-seen", "darker", "lighter"] as const;
export type Behind = (typeof BEHIND)[number];

/** The wishes for edges once a stretch is to be otherwise, or as the picture proposes it again. */
export function wishesWith(
  piece: Piece,
  plan: Plan,
  stretch: Stretch,
  how: EdgeKind,
  beyond: Behind,
): Wish[] {
  const { x, y } = toReference(plan.view, { x: stretch.at[0], y: stretch.at[1] });
  const others = (piece.settings.edges ?? []).filter(
    (wish) => Math.hypot(wish.x - x, wish.y - y) > SAME,
  );
  return how === stretch.proposed && beyond === "as-seen"
    ? others
    : [...others, { x, y, how, beyond }];
}

/** The stretches that a pass makes, those that are seen most first. */
export const stretchesOf = (plan: Plan, pass: string): Stretch[] =>
  (plan.document.edges ?? [])
    .filter((stretch) => stretch.pass === pass && stretch.lengthCm >= LEAST_CM)
    .sort((a, b) => b.lengthCm * b.step - a.lengthCm * a.step);

/** Length of a stretch that is listed; shorter ones are touched on the picture. */
const LEAST_CM = 1;
