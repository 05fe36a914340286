import type { Easel, Recipe } from "../api/client";
import { partWords, pressureWords } from "../mix/table";
import { rounded, say } from "../words/say";

/** A mixture in one line: its parts, or how it is measured in two steps; of sticks, how hard each is pressed. */
export function mixtureWords(recipe: Recipe, easel: Easel): string {
  const named = (key: string) => easel.paints.find((paint) => paint.key === key)?.words ?? key;
  const sticks = easel.medium === "pastel";
  const part = sticks ? pressureWords : partWords;
  return recipe.tint || recipe.parts.map((p) => `${part(p.parts)} ${named(p.paint)}`).join(", ");
}

/** Its value dry and, where it is mixed wet, as it is laid. */
export function valueWords(recipe: Recipe, easel: Easel): string {
  const value = rounded(recipe.value, 1);
  return easel.medium === "pastel"
    ? say("mixture-value", { value })
    : say("mixture-dry-wet", { dry: value, wet: rounded(recipe.valueWet, 1) });
}
