import { useMemo } from "react";
import { useCatalogue } from "../api/hooks";
import { say } from "../words/say";

const NONE: number[] = [];

/** The neutral grey of each of the 256 levels of a value picture, as the server gives it. */
export function useGreys(): number[] {
  return useCatalogue().data?.greys ?? NONE;
}

/** A value picture as greys. */
export function lookedUp(pixels: Uint32Array, values: Uint8Array, greys: readonly number[]): void {
  const table = new Uint32Array(256);
  for (let v = 0; v < 256; v++) table[v] = packed(greys[v] ?? v);
  for (let i = 0; i < values.length; i++) pixels[i] = table[values[i] as number] as number;
}

/** The grey of every level when values are cut into bands: each band shows its middle. */
export function banded(thresholds: readonly number[], greys: readonly number[]): Uint32Array {
  const edges = [0, ...thresholds, 10];
  const table = new Uint32Array(256);
  for (let v = 0; v < 256; v++) {
    const band = thresholds.filter((t) => v / 25.5 >= t).length;
    const middle = ((edges[band] ?? 0) + (edges[band + 1] ?? 10)) / 2;
    table[v] = packed(greys[Math.round(middle * 25.5)] ?? v);
  }
  return table;
}

const packed = (grey: number) => (0xff000000 | (grey << 16) | (grey << 8) | grey) >>> 0;

/** The share of each band of the histogram (200 bins from 0 to 10). */
export function useShares(histogram: readonly number[], thresholds: readonly number[]): number[] {
  return useMemo(() => {
    const shares = new Array<number>(thresholds.length + 1).fill(0);
    histogram.forEach((share, bin) => {
      const value = (bin + 0.5) / 20;
      const band = thresholds.filter((t) => value >= t).length;
      shares[band] = (shares[band] ?? 0) + share;
    });
    return shares;
  }, [histogram, thresholds]);
}

/** What a band is called, from the darkest (0) up: the middle is widest, so it has several names. */
export function bandName(band: number, count: number): string {
  if (band === 0) return say("bands-dark");
  if (band === count - 1) return say("bands-light");
  const middle = (count - 1) / 2;
  if (count % 2 && band === middle) return say("bands-middle");
  const step = Math.ceil(Math.abs(band - middle));
  const most = Math.ceil(middle) - 1;
  const tone = band < middle ? "dark" : "light";
  return say(most > 1 && step > 1 ? `bands-very-${tone}-middle` : `bands-${tone}-middle`);
}
