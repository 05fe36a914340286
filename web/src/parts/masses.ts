import type { Mass } from "../api/client";

const ROWS = ["upper", "", "lower"];
const COLUMNS = ["left", "", "right"];

/** A short name for a mass: the painter's, without its article, else kind and place. */
export function shortName(mass: Mass): string {
  if (mass.name) {
    const plain = mass.name.replace(/^the /, "");
    return plain.charAt(0).toUpperCase() + plain.slice(1);
  }
  const [x, y] = mass.centre;
  const place = [ROWS[third(y)], COLUMNS[third(x)]].filter(Boolean).join(" ") || "middle";
  if (mass.kind === "accent") return `${mass.light ? "Light" : "Dark"} accent, ${place}`;
  return `${mass.id.replace("m", "Mass ")}, ${place}`;
}

const third = (at: number) => (at < 0.36 ? 0 : at > 0.64 ? 2 : 1);
