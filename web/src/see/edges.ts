import type { Plan } from "../api/client";

const FIRM = 0.7;
const SOFT = 0.35;
const PAPER = 0xfff0f0f0;

/** Hardness (0–1) of the border of each two masses by their labels, smaller label first. */
export function hardnesses(plan: Plan): Map<number, number> {
  const label = new Map(plan.document.masses.map((m) => [m.id, m.label]));
  const found = new Map<number, number>();
  for (const mass of plan.document.masses)
    for (const { mass: other, hardness } of mass.neighbours)
      found.set(pair(mass.label, label.get(other) ?? 0), hardness);
  return found;
}

export const pair = (one: number, other: number) =>
  one < other ? one * 65536 + other : other * 65536 + one;

export type Edge = "firm" | "soft" | "lost";
export const edgeOf = (hardness: number): Edge =>
  hardness >= FIRM ? "firm" : hardness >= SOFT ? "soft" : "lost";

/** Only the edges: firm ones black and thick, soft ones grey and wide, lost ones a pale dotted line. */
export function edges(
  pixels: Uint32Array,
  labels: Uint16Array,
  width: number,
  hardness: Map<number, number>,
): void {
  pixels.fill(PAPER);
  for (let i = 3 * width + 3; i < labels.length - 3 * width - 3; i++) {
    // The last column has no neighbour: the next label belongs to the next row.
    if ((i + 1) % width === 0) continue;
    const own = labels[i] as number;
    const right = labels[i + 1] as number;
    const below = labels[i + width] as number;
    if (own === right && own === below) continue;
    const kind = edgeOf(hardness.get(pair(own, own === right ? below : right)) ?? 1);
    if (kind === "lost" && (i % 7 > 2 || ((i / width) | 0) % 7 > 2)) continue;
    const reach = kind === "soft" ? 2 : 1;
    const ink = kind === "firm" ? 0xff141414 : kind === "soft" ? 0xff9a9a9a : 0xffb4b4b4;
    for (let dy = -reach; dy <= reach; dy++)
      for (let dx = -reach; dx <= reach; dx++) {
        const at = i + dy * width + dx;
        // A firm edge stays on top of a soft one that meets it.
        if ((pixels[at] as number) > ink) pixels[at] = ink;
      }
  }
}
