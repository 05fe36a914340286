import type { Mass, Pass, Plan } from "../api/client";
import { shortName } from "../parts/masses";
import { figure } from "../words/say";

export type Operation = Pass["operations"][number];

export interface Row {
  id: string;
  name: string;
  masses: Mass[];
}

const MOST_CHIPS = 3;

/** A row for each area, far to near; or for each mass, in the order of the areas and from the top down. */
export function rowsOf(plan: Plan, all: boolean): Row[] {
  const { masses } = plan.document;
  const areas = plan.view.areas ?? [];
  const rank = new Map(areas.map((area, k) => [area.id, k]));
  const depth = (mass: Mass) => rank.get(mass.area ?? "") ?? areas.length;
  if (all || areas.length < 2)
    return [...masses]
      .sort((a, b) => depth(a) - depth(b) || a.centre[1] - b.centre[1])
      .map((mass) => ({ id: mass.id, name: shortName(mass), masses: [mass] }));
  return areas
    .map((area) => ({
      id: area.id,
      name: shortName(area),
      masses: masses.filter((m) => m.area === area.id).sort((a, b) => b.share - a.share),
    }))
    .filter(({ masses: own }) => own.length > 0);
}

const FINAL = new Set(["wipe-out", "scratch", "sand", "fix"]);
/** Whether a pass does something that cannot be taken back. */
export const isFinal = (pass: Pass) => pass.operations.some(({ kind }) => FINAL.has(kind));

export const isBare = ({ kind }: Operation) => kind === "reserve" || kind === "leave";

/** What a pass does in a row: its targets, the largest first; else the largest thing it runs under. */
export function chipsOf(row: Row, pass: Pass): { mass: Mass; operation: Operation }[] {
  const done = row.masses.flatMap((mass) => {
    const operation = pass.operations.find((o) => o.mass === mass.id && o.role !== "overlap");
    return operation ? [{ mass, operation }] : [];
  });
  const laid = done.filter(({ operation }) => operation.role === "target" && !isBare(operation));
  if (laid.length) return distinct(laid).slice(0, MOST_CHIPS);
  const under = done.filter(({ operation }) => operation.role === "under");
  return (under.length ? under : done).slice(0, 1);
}

/** One chip a tenth of a value: masses that end alike would only repeat it. */
function distinct<T extends { operation: Operation }>(chips: T[]): T[] {
  const seen = new Set<string>();
  return chips.filter(({ operation }) => {
    const value = figure(operation.toValue, 1);
    return !seen.has(value) && !!seen.add(value);
  });
}
