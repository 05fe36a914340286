import type { Plan } from "../api/client";

/** The shapes that every pass lays to their target; none for what comes besides, as masks and accents. */
export function groupsOf({ document }: Plan): string[][] {
  const bare = new Set(document.masses.filter((m) => m.reserved).map((m) => m.id));
  return document.passes.map(({ beside, operations }) =>
    operations
      .filter((o) => !beside && o.role === "target" && !bare.has(o.mass))
      .map((o) => o.mass),
  );
}

/** The groups with one pass joined to the next that lays shapes; null where there is none. */
export function joined(groups: string[][], at: number): string[][] | null {
  const next = groups.findIndex((group, k) => k > at && group.length > 0);
  if (!groups[at]?.length || next < 0) return null;
  const both = [...(groups[at] ?? []), ...(groups[next] ?? [])];
  return full(groups.map((group, k) => (k === at ? both : k === next ? [] : group)));
}

/** The groups with one pass in two, at its widest step of value; null where it has but one mass. */
export function split(plan: Plan, groups: string[][], at: number): string[][] | null {
  const own = groups[at] ?? [];
  if (own.length < 2) return null;
  const value = new Map(plan.document.masses.map((m) => [m.id, m.targetValue]));
  const of = (id: string | undefined) => value.get(id ?? "") ?? 0;
  // The way the order goes, darker or lighter, is the way a pass is taken apart.
  const means = full(groups).map((group) => mean(group, of));
  const falls = (means[0] ?? 0) >= (means.at(-1) ?? 0);
  const row = [...own].sort((a, b) => (falls ? of(b) - of(a) : of(a) - of(b)));
  const steps = row.slice(1).map((id, k) => Math.abs(of(id) - of(row[k])));
  const cut = 1 + steps.indexOf(Math.max(...steps));
  const two = [row.slice(0, cut), row.slice(cut)];
  return full(groups.flatMap((group, k) => (k === at ? two : [group])));
}

function full(groups: string[][]): string[][] {
  return groups.filter((group) => group.length > 0);
}

function mean(ids: string[], of: (id: string) => number): number {
  return ids.reduce((sum, id) => sum + of(id), 0) / Math.max(1, ids.length);
}
