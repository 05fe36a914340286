import type { Mass, Plan } from "../api/client";
import type { Ridge } from "../parts/ridges";
import { coloursAfter, greysAfter } from "./table";

export interface Ribbon {
  mass: Mass;
  path: string;
  colours: string[];
  /** Height of the ribbon's centre at the end, for its label. */
  end: number;
  values: number[];
}

export interface Scale {
  top: number;
  height: number;
  low: number;
  high: number;
}

export const yOf = (scale: Scale, value: number) =>
  scale.top + ((scale.high - value) / (scale.high - scale.low)) * scale.height;

const THICK = 34;
const THIN = 1.1;

/** The colour of every mass after every pass: that of its patch nearest the mass's own value. */
export function massColours(plan: Plan): string[][] {
  const { patchMass } = plan.view;
  const rows = plan.document.predicted.values;
  const patches = plan.document.masses.map((_, m) =>
    patchMass.flatMap((owner, p) => (owner === m ? [p] : [])),
  );
  return rows.map((values, k) => {
    const colours = coloursAfter(plan.view, k);
    const greys = greysAfter(plan.view, k);
    return patches.map((own, m) => {
      const near = (p: number) =>
        Math.abs(((greys[2 * p] ?? 0) + (greys[2 * p + 1] ?? 0)) / 51 - (values[m] ?? 0));
      const best = own.reduce((a, b) => (near(b) < near(a) ? b : a), own[0] ?? 0);
      const middle = (c: number) =>
        Math.round(((colours[6 * best + c] ?? 0) + (colours[6 * best + 3 + c] ?? 0)) / 2);
      return `rgb(${[0, 1, 2].map(middle).join(" ")})`;
    });
  });
}

interface Place {
  y: number;
  half: number;
}

/** Where each mass's ribbon runs after each pass: those that are still one paint run as one bundle. */
function places(plan: Plan, scale: Scale, colours: string[][]): Place[][] {
  const masses = plan.document.masses;
  const rows = plan.document.predicted.values;
  const order = masses.map((_, m) => m).sort((a, b) => finalValue(plan, b) - finalValue(plan, a));
  return rows.map((values, k) => {
    const bundles = new Map<string, number[]>();
    for (const m of order) {
      const key = `${(values[m] ?? 0).toFixed(2)} ${colours[k]?.[m]}`;
      bundles.set(key, [...(bundles.get(key) ?? []), m]);
    }
    const found: Place[] = [];
    for (const members of bundles.values()) {
      const share = members.reduce((sum, m) => sum + (masses[m]?.share ?? 0), 0);
      const total = Math.max(THIN, THICK * Math.sqrt(share));
      let y = yOf(scale, values[members[0] ?? 0] ?? 0) - total / 2;
      for (const m of members) {
        const thick = (total * (masses[m]?.share ?? 0)) / Math.max(share, 1e-9);
        found[m] = { y: y + thick / 2, half: Math.max(thick, members.length > 3 ? 0.2 : THIN) / 2 };
        y += thick;
      }
    }
    return found;
  });
}

const finalValue = (plan: Plan, m: number) => plan.document.predicted.values.at(-1)?.[m] ?? 0;

/** Every mass as a ribbon: flat while nothing is done to it, falling or rising within a pass. */
export function ribbons(
  plan: Plan,
  row: Ridge[],
  scale: Scale,
  left: number,
  right: number,
): Ribbon[] {
  const colours = massColours(plan);
  const all = places(plan, scale, colours);
  return plan.document.masses
    .map((mass, m) => {
      const at = all.map((places) => places[m] ?? { y: 0, half: 0 });
      return {
        mass,
        path: outline(at, row, left, right),
        colours: colours.map((c) => c[m] ?? ""),
        end: at.at(-1)?.y ?? 0,
        values: plan.document.predicted.values.map((v) => v[m] ?? 0),
      };
    })
    .sort((a, b) => b.mass.share - a.mass.share);
}

function outline(at: Place[], row: Ridge[], left: number, right: number): string {
  const edge = (sign: 1 | -1) => at.map(({ y, half }) => y + sign * half);
  const upper = edge(-1);
  const lower = edge(1);
  let path = `M${left} ${fix(upper[0])}`;
  row.forEach(({ start, end }, k) => {
    const middle = (start + end) / 2;
    path += `L${fix(start)} ${fix(upper[k])}C${fix(middle)} ${fix(upper[k])} ${fix(middle)} ${fix(upper[k + 1])} ${fix(end)} ${fix(upper[k + 1])}`;
  });
  path += `L${right} ${fix(upper.at(-1))}L${right} ${fix(lower.at(-1))}`;
  for (let k = row.length - 1; k >= 0; k--) {
    const { start, end } = row[k] as Ridge;
    const middle = (start + end) / 2;
    path += `L${fix(end)} ${fix(lower[k + 1])}C${fix(middle)} ${fix(lower[k + 1])} ${fix(middle)} ${fix(lower[k])} ${fix(start)} ${fix(lower[k])}`;
  }
  return `${path}L${left} ${fix(lower[0])}Z`;
}

const fix = (n: number | undefined) => (n ?? 0).toFixed(1);

/** The masses worth a label: named and large ones first; of those called alike, and of accents, one. */
function labelled(all: Ribbon[], most: number): Ribbon[] {
  const seen = new Set<string>();
  return [...all]
    .sort((a, b) => Number(!!b.mass.name) - Number(!!a.mass.name) || b.mass.share - a.mass.share)
    .filter(({ mass, values }) => {
      const alike = mass.kind === "accent" && !mass.name ? `${mass.light}` : mass.called;
      const key = `${alike} ${(values.at(-1) ?? 0).toFixed(0)}`;
      return !seen.has(key) && !!seen.add(key);
    })
    .slice(0, most);
}

/** Labels pushed apart so that none overlaps; those of the largest masses, as many as fit. */
export function labels(all: Ribbon[], scale: Scale, gap: number, most: number) {
  const shown = labelled(all, most).sort((a, b) => a.end - b.end);
  const ys = shown.map(({ end }) => end);
  for (let k = 1; k < ys.length; k++) ys[k] = Math.max(ys[k] ?? 0, (ys[k - 1] ?? 0) + gap);
  const bottom = scale.top + scale.height + 4;
  for (let k = ys.length - 1; k >= 0; k--) {
    const limit = k === ys.length - 1 ? bottom : (ys[k + 1] ?? 0) - gap;
    ys[k] = Math.min(ys[k] ?? 0, limit);
  }
  return shown.map((ribbon, k) => ({ ribbon, y: ys[k] ?? 0 }));
}
