import type { Mass } from "../api/client";

/** A short name for a mass: the painter's, or how it looks and where, without the article. */
export function shortName(mass: Pick<Mass, "called">): string {
  const plain = mass.called.replace(/^the /, "");
  return plain.charAt(0).toUpperCase() + plain.slice(1);
}
