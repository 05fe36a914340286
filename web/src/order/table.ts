import type { View } from "../api/client";

/** Red, green and blue at the light and the dark end of a patch. */
const BYTES_A_PATCH = 6;
const ENDS = 2;

interface Table {
  colours: Uint8Array;
  greys: Uint8Array;
}

const known = new WeakMap<View, Table>();

function tableOf(view: View): Table {
  const there = known.get(view);
  if (there) return there;
  const table = { colours: bytesOf(view.colours), greys: bytesOf(view.greys) };
  known.set(view, table);
  return table;
}

const bytesOf = (told: string) => Uint8Array.from(atob(told), (letter) => letter.charCodeAt(0));

/** The colours of all patches after a pass (0: bare), six bytes each: the light end, then the dark one. */
export function coloursAfter(view: View, pass: number): Uint8Array {
  return rowOf(tableOf(view).colours, pass, view.patchMass.length * BYTES_A_PATCH);
}

/** The same as greys of equal value, a byte an end. */
export function greysAfter(view: View, pass: number): Uint8Array {
  return rowOf(tableOf(view).greys, pass, view.patchMass.length * ENDS);
}

function rowOf(table: Uint8Array, row: number, wide: number): Uint8Array {
  return table.subarray(row * wide, (row + 1) * wide);
}
