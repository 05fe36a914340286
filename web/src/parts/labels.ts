import type { View } from "../api/client";

/** The label of the area at a place of the reference, 0 while unknown. */
export function labelAt(
  view: View,
  labels: Uint16Array | null,
  { x, y }: { x: number; y: number },
): number {
  const { areaWidth: wide = 1, areaHeight: high = 1 } = view;
  const row = Math.min(high - 1, Math.floor(y * high));
  return labels?.[row * wide + Math.min(wide - 1, Math.floor(x * wide))] ?? 0;
}
