import type { Plan } from "../api/client";

/** What is shown alone; everything else goes grey. */
export type Alone =
  | { kind: "all" }
  | { kind: "lights" }
  | { kind: "accents" }
  | { kind: "chosen" }
  | { kind: "band"; band: number }
  | { kind: "darker"; than: number };

export const ALL: Alone = { kind: "all" };
const LEVELS = 25.5;

/** Which levels of value (0–255) and which masses' labels are shown: a table of each, null for all. */
export function shownOf(
  alone: Alone,
  plan: Plan,
  thresholds: readonly number[],
  mass: string | null,
): { levels: Uint8Array | null; labels: Uint8Array | null } {
  const { masses } = plan.document;
  if (alone.kind === "band" || alone.kind === "darker") {
    const low = alone.kind === "band" ? (thresholds[alone.band - 1] ?? 0) : 0;
    const high = alone.kind === "band" ? (thresholds[alone.band] ?? 11) : alone.than;
    const levels = new Uint8Array(256);
    for (let k = 0; k < 256; k++) levels[k] = k / LEVELS >= low && k / LEVELS < high ? 1 : 0;
    return { levels, labels: null };
  }
  const family = new Map((plan.view.areas ?? []).map((area) => [area.id, area.family]));
  const keep = {
    all: null,
    chosen: mass ? (m: Plan["document"]["masses"][number]) => m.id === mass : null,
    accents: (m: Plan["document"]["masses"][number]) => m.kind === "accent",
    lights: (m: Plan["document"]["masses"][number]) => family.get(m.area ?? "") === "light",
  }[alone.kind];
  if (!keep) return { levels: null, labels: null };
  const labels = new Uint8Array(masses.reduce((most, m) => Math.max(most, m.label), 0) + 1);
  for (const m of masses) if (keep(m)) labels[m.label] = 1;
  return { levels: null, labels };
}

/** Grey over every pixel that is not shown. */
export function hide(
  pixels: Uint32Array,
  shown: ReturnType<typeof shownOf>,
  values: Uint8Array | undefined,
  labels: Uint16Array | null,
  grey: number,
): void {
  const cover = (0xff000000 | (grey << 16) | (grey << 8) | grey) >>> 0;
  if (shown.levels && values)
    for (let i = 0; i < pixels.length; i++)
      if (!shown.levels[values[i] as number]) pixels[i] = cover;
  if (shown.labels && labels)
    for (let i = 0; i < pixels.length; i++)
      if (!shown.labels[labels[i] as number]) pixels[i] = cover;
}
