import type { MixTable } from "../api/client";
import { say } from "../words/say";

/** Lab and value between the rows of a mixing table at loads of each paint: linear in each direction. */
export function lookedUp(
  loads: readonly number[],
  rows: readonly (readonly number[])[],
  amounts: readonly number[],
): number[] {
  const most = loads.length - 1;
  const at = amounts.map((amount) => {
    const above = loads.findIndex((load) => load >= amount);
    const high = above < 0 ? most : Math.max(1, above);
    const [a, b] = [loads[high - 1] ?? 0, loads[high] ?? 1];
    return { low: high - 1, part: Math.min(1, Math.max(0, (amount - a) / (b - a))) };
  });
  const sum = [0, 0, 0, 0];
  for (let corner = 0; corner < 1 << at.length; corner++) {
    let index = 0;
    let weight = 1;
    at.forEach(({ low, part }, k) => {
      const up = (corner >> k) & 1;
      index = index * loads.length + low + up;
      weight *= up ? part : 1 - part;
    });
    rows[index]?.forEach((channel, c) => {
      sum[c] = (sum[c] ?? 0) + weight * channel;
    });
  }
  return sum;
}

/** Both looks of a mixture in parts, `load` unit films thick. */
export function looks(table: MixTable, parts: readonly number[], load: number) {
  const total = parts.reduce((sum, part) => sum + part, 0) || 1;
  const amounts = parts.map((part) => (part / total) * load);
  return {
    dry: lookedUp(table.loads, table.dry, amounts),
    wet: lookedUp(table.loads, table.wet, amounts),
  };
}

export const TOUCH = 0.15;
const TRACE = 0.05;

/** Parts as painters say them: halves by their sign, a touch and a trace by their names. */
export function partWords(parts: number): string {
  if (parts === TOUCH) return say("table-touch");
  if (parts === TRACE) return say("table-trace");
  const whole = Math.floor(parts);
  return `${whole || ""}${parts - whole >= 0.5 ? "½" : ""}`;
}

/** How hard a stick is pressed for a share of the grain covered. */
export const pressureWords = (cover: number) =>
  cover < 0.5
    ? say("table-light-pressure")
    : cover < 0.75
      ? say("table-medium-pressure")
      : say("table-firm-pressure");

export type Column = "light" | "middle" | "dark";

/** The column of the value chart a band belongs to: the ends are light and dark, all between is middle. */
export const columnOf = (band: number, bands: number): Column =>
  band === 0 ? "dark" : band === bands ? "light" : "middle";
