import type { Mass, Plan } from "../api/client";

/** A short name for a mass: the painter's, or how it looks and where, without the article. */
export function shortName(mass: Pick<Mass, "called">): string {
  return capital(mass.called.replace(/^the /, ""));
}

/** The short name of a plan's mass by its id; the id itself where the plan has none such. */
export function nameIn(plan: Plan, id: string): string {
  const mass = plan.document.masses.find((m) => m.id === id);
  return mass ? shortName(mass) : id;
}

export const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
