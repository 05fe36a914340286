import type { View } from "../api/client";
import { coloursAfter, greysAfter } from "./table";

/** The patch map, unpacked once, and what a step needs to be instant. */
export interface Maps {
  width: number;
  height: number;
  first: Uint16Array;
  second: Uint16Array;
  weight: Uint8Array;
  beyond: Uint8Array;
  /** Row of the ramp table of each pixel: patch × 256 + where between its ends. */
  index: Uint32Array;
  /** Pixels with a soft edge, which are mixed from two patches. */
  soft: Uint32Array;
}

export const BYTES_A_PIXEL = 7;

/** Unpack the planes: first and second as 16 bits, then weight, along and beyond as bytes. */
export function unpacked(bytes: Uint8Array, width: number, height: number): Maps {
  const count = width * height;
  const buffer = bytes.buffer as ArrayBuffer;
  const first = new Uint16Array(buffer, bytes.byteOffset, count);
  const second = new Uint16Array(buffer, bytes.byteOffset + 2 * count, count);
  const weight = new Uint8Array(buffer, bytes.byteOffset + 4 * count, count);
  const along = new Uint8Array(buffer, bytes.byteOffset + 5 * count, count);
  const beyond = new Uint8Array(buffer, bytes.byteOffset + 6 * count, count);
  const index = new Uint32Array(count);
  let softCount = 0;
  for (let i = 0; i < count; i++) {
    index[i] = ((first[i] ?? 0) << 8) | (along[i] ?? 0);
    if (weight[i]) softCount++;
  }
  const soft = new Uint32Array(softCount);
  for (let i = 0, k = 0; i < count; i++) if (weight[i]) soft[k++] = i;
  return { width, height, first, second, weight, beyond, index, soft };
}

/** Colours between both ends of every patch in one row, packed as the canvas wants them; `planes` bytes tell
 * an end, three for a colour, one for a grey. */
function ramps(ends: Uint8Array, planes: number): Uint32Array {
  const count = ends.length / (2 * planes);
  const table = new Uint32Array(count * 256);
  for (let p = 0; p < count; p++) {
    const light = 2 * planes * p;
    for (let t = 0; t < 256; t++) {
      let packed = 255;
      for (let c = 2; c >= 0; c--) {
        const at = light + (c % planes);
        const a = ends[at] as number;
        packed = (packed << 8) | Math.round(a + (((ends[at + planes] as number) - a) * t) / 255);
      }
      table[p * 256 + t] = packed >>> 0;
    }
  }
  return table;
}

const known = new WeakMap<View, Map<string, Uint32Array>>();

function rampsOf(view: View, row: number, valuesOnly: boolean): Uint32Array {
  const rows = known.get(view) ?? new Map<string, Uint32Array>();
  known.set(view, rows);
  const key = `${row} ${valuesOnly}`;
  let table = rows.get(key);
  if (!table) {
    table = valuesOnly ? ramps(greysAfter(view, row), 1) : ramps(coloursAfter(view, row), 3);
    rows.set(key, table);
  }
  return table;
}

/** Paint the picture after pass `row` (0: bare) into pixels: looked up, mixed only at soft edges. */
export function paint(
  pixels: Uint32Array,
  maps: Maps,
  view: View,
  row: number,
  valuesOnly: boolean,
): void {
  const table = rampsOf(view, row, valuesOnly);
  const { index, soft, second, weight, beyond } = maps;
  for (let i = 0; i < index.length; i++) pixels[i] = table[index[i] as number] as number;
  for (let k = 0; k < soft.length; k++) {
    const i = soft[k] as number;
    const a = pixels[i] as number;
    const b = table[((second[i] as number) << 8) | (beyond[i] as number)] as number;
    const w = (weight[i] as number) / 254;
    const red = (a & 255) + ((b & 255) - (a & 255)) * w + 0.5;
    const green = ((a >> 8) & 255) + (((b >> 8) & 255) - ((a >> 8) & 255)) * w + 0.5;
    const blue = ((a >> 16) & 255) + (((b >> 16) & 255) - ((a >> 16) & 255)) * w + 0.5;
    pixels[i] = (0xff000000 | (blue << 16) | (green << 8) | red) >>> 0;
  }
}
