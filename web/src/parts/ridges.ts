import type { Pass } from "../api/client";

type Timed = Pick<Pass, "id" | "minutes" | "waitMinutes">;

export interface Ridge {
  id: string;
  start: number;
  end: number;
  minutes: number;
  wait: number;
  /** Where the wait after the pass ends. */
  next: number;
}

const LEAST = 24;

/** Time compressed so that a minute of accents and three days of drying both fit. */
const worked = (minutes: number) => LEAST + 4.2 * Math.sqrt(minutes);
const waited = (minutes: number) => (minutes > 0 ? 12 + 9 * Math.log1p(minutes) : 5);

/** Passes and waits laid out along `width` pixels; a pass is never narrower than 24 where they fit. */
export function ridges(passes: readonly Timed[], width: number): Ridge[] {
  const wanted = passes.map((p, k) => ({
    work: worked(p.minutes),
    wait: k === passes.length - 1 ? 0 : waited(p.waitMinutes),
  }));
  const work = wanted.reduce((sum, w) => sum + w.work, 0);
  const wait = wanted.reduce((sum, w) => sum + w.wait, 0);
  const lead = 14;
  const free = width - 2 * lead;
  // Waits give way first, so that a pass keeps its least width.
  const scale = Math.min(1.6, free / (work + wait));
  const workScale = Math.max(scale, Math.min(1, (free - 4 * passes.length) / work));
  const waitScale = wait > 0 ? Math.max(0, (free - work * workScale) / wait) : 0;
  let x = lead;
  return wanted.map(({ work: w, wait: d }, k) => {
    const pass = passes[k] as Timed;
    const start = x;
    const end = start + w * workScale;
    x = end + d * Math.min(waitScale, 1.6);
    return { id: pass.id, start, end, minutes: pass.minutes, wait: pass.waitMinutes, next: x };
  });
}

/** The outline of a ridge standing on `base`, `height` tall. */
export function ridgePath(
  { start, end }: Pick<Ridge, "start" | "end">,
  base: number,
  height: number,
): string {
  const slope = Math.min(5, (end - start) / 5);
  const r = Math.min(7, (end - start) / 4);
  const top = base - height;
  return `M${start} ${base}C${start + slope * 0.7} ${base - height * 0.4} ${start + slope * 0.4} ${top} ${start + slope + r} ${top}L${end - slope - r} ${top}C${end - slope * 0.4} ${top} ${end - slope * 0.7} ${base - height * 0.4} ${end} ${base}Z`;
}

/** The dip of a wait between two ridges. */
export function dipPath({ end, next }: Ridge, base: number): string {
  const depth = Math.min(9, 2 + (next - end) / 8);
  return `M${end} ${base}C${end + (next - end) * 0.25} ${base + depth} ${end + (next - end) * 0.75} ${base + depth} ${next} ${base}`;
}
