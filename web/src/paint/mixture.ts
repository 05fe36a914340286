import type { Easel, Recipe } from "../api/client";
import { partWords } from "../mix/table";

/** A mixture in one line: its parts, or how it is measured in two steps. */
export function mixtureWords(recipe: Recipe, paints: Easel["paints"]): string {
  const named = (key: string) => paints.find((paint) => paint.key === key)?.words ?? key;
  return (
    recipe.tint || recipe.parts.map((p) => `${partWords(p.parts)} ${named(p.paint)}`).join(", ")
  );
}
