import type { Area, Mass } from "../api/client";

export interface Column {
  area: Area | null;
  /** Its place in the list of areas, the farthest 1. */
  number: number;
  x: number;
  width: number;
}

export interface Block {
  mass: Mass;
  x: number;
  width: number;
}

const GAP = 2;
const BETWEEN = 10;
const LEAST = 14;

/** Columns of areas, far to near, with the blocks of their masses, each as wide as the root of its share. */
export function columns(
  masses: readonly Mass[],
  areas: readonly Area[],
  left: number,
  right: number,
): { columns: Column[]; blocks: Block[] } {
  const groups = areas
    .map((area, k) => ({ area, number: k + 1, own: masses.filter((m) => m.area === area.id) }))
    .filter(({ own }) => own.length > 0);
  const known = new Set(groups.flatMap(({ own }) => own));
  const rest = masses.filter((m) => !known.has(m));
  const all = rest.length ? [...groups, { area: null, number: 0, own: rest }] : groups;
  const roots = all.map(({ own }) => own.reduce((sum, m) => sum + Math.sqrt(m.share), 0));
  const total = roots.reduce((a, b) => a + b, 0);
  const gaps = GAP * masses.length + BETWEEN * Math.max(0, all.length - 1) + LEAST * all.length;
  const unit = Math.max(0, right - left - gaps) / Math.max(total, 1e-9);
  let x = left;
  const found: Column[] = [];
  const blocks: Block[] = [];
  for (const { area, number, own } of all) {
    const start = x;
    x += LEAST / 2;
    for (const mass of [...own].sort((a, b) => b.share - a.share)) {
      const width = Math.max(1.5, unit * Math.sqrt(mass.share));
      blocks.push({ mass, x, width });
      x += width + GAP;
    }
    x += LEAST / 2;
    found.push({ area, number, x: start, width: x - start });
    x += BETWEEN;
  }
  return { columns: found, blocks };
}
