import { describe, expect, test } from "vitest";
import type { View } from "../src/api/client";
import { BYTES_A_PIXEL, paint, unpacked } from "../src/order/lookup";
import { plan, told } from "./made";

/** The planes of `count` pixels as the server packs them. */
function packed(
  first: number[],
  second: number[],
  weight: number[],
  along: number[],
  beyond: number[] = [],
): Uint8Array {
  const count = first.length;
  const bytes = new Uint8Array(BYTES_A_PIXEL * count);
  const view = new DataView(bytes.buffer);
  for (let i = 0; i < count; i++) {
    view.setUint16(2 * i, first[i] ?? 0, true);
    view.setUint16(2 * (count + i), second[i] ?? 0, true);
    bytes[4 * count + i] = weight[i] ?? 0;
    bytes[5 * count + i] = along[i] ?? 0;
    bytes[6 * count + i] = beyond[i] ?? 0;
  }
  return bytes;
}

const channels = (pixel: number | undefined) =>
  [0, 8, 16, 24].map((s) => ((pixel ?? 0) >>> s) & 255);

function painted(bytes: Uint8Array, view: View, row: number, valuesOnly = false): number[][] {
  const pixels = new Uint32Array(4);
  paint(pixels, unpacked(bytes, 2, 2), view, row, valuesOnly);
  return [...pixels].map(channels);
}

describe("the picture after a pass", () => {
  const { view } = plan();
  const flat = packed([0, 0, 1, 1], [0, 0, 0, 0], [0, 0, 0, 0], [0, 0, 0, 0]);

  test("is the table looked up: each pixel has its patch's colour, opaque", () => {
    const white = Math.round(9.5 * 25.5);
    const six = Math.round(6 * 25.5);
    const three = Math.round(3 * 25.5);
    for (const pixel of painted(flat, view, 0)) expect(pixel).toEqual([white, white, white, 255]);
    expect(painted(flat, view, 2)[0]).toEqual([six, six, six, 255]);
    expect(painted(flat, view, 2)[3]).toEqual([three, three, three, 255]);
  });

  test("mixes both patches half and half on a soft border, to the nearest level", () => {
    const soft = packed([0, 0, 1, 1], [1, 1, 0, 0], [127, 0, 0, 127], [0, 0, 0, 0]);
    const half = Math.round((Math.round(6 * 25.5) + Math.round(3 * 25.5)) / 2);
    const [border, inside] = painted(soft, view, 2);
    expect(Math.abs((border?.[0] ?? 0) - half)).toBeLessThanOrEqual(1);
    expect(inside?.[0]).toBe(Math.round(6 * 25.5));
  });

  test("runs from the light to the dark end of a graded patch without a jump", () => {
    const graded = {
      ...view,
      colours: told([
        [
          [
            [200, 100, 50],
            [100, 60, 30],
          ],
          [
            [0, 0, 0],
            [0, 0, 0],
          ],
        ],
      ]),
      greys: told([
        [
          [200, 100],
          [0, 0],
        ],
      ]),
    } as unknown as View;
    const slope = packed([0, 0, 0, 0], [0, 0, 0, 0], [0, 0, 0, 0], [0, 85, 170, 255]);
    expect(painted(slope, graded, 0).map((p) => p[0])).toEqual([200, 167, 133, 100]);
    expect(painted(slope, graded, 0).map((p) => p[2])).toEqual([50, 43, 37, 30]);
  });

  test("mixes in the other patch as it is on its own side of the border", () => {
    const graded = {
      ...view,
      colours: told([
        [
          [
            [200, 0, 0],
            [100, 0, 0],
          ],
          [
            [80, 0, 0],
            [20, 0, 0],
          ],
        ],
      ]),
      greys: told([
        [
          [0, 0],
          [0, 0],
        ],
      ]),
    } as unknown as View;
    const border = packed(
      [0, 1, 0, 1],
      [1, 0, 1, 0],
      [127, 127, 127, 127],
      [255, 0, 0, 255],
      [0, 255, 255, 0],
    );
    expect(painted(border, graded, 0).map((p) => p[0])).toEqual([90, 90, 110, 110]);
  });

  test("as values only is neutral grey of the table's own greys", () => {
    for (const [red, green, blue] of painted(flat, view, 2, true)) {
      expect(red).toBe(green);
      expect(green).toBe(blue);
    }
  });

  test("takes 16-bit patch numbers, so a plan may have more than 256 patches", () => {
    const many = {
      ...view,
      colours: told([
        Array.from({ length: 300 }, (_, p) => [
          [p % 251, 0, 0],
          [p % 251, 0, 0],
        ]),
      ]),
      greys: told(Array.from({ length: 300 }, () => [0, 0])),
      patchMass: Array.from({ length: 300 }, () => 0),
    } as unknown as View;
    const wide = packed([299, 256, 255, 0], [0, 0, 0, 0], [0, 0, 0, 0], [0, 0, 0, 0]);
    expect(painted(wide, many, 0).map((p) => p[0])).toEqual([299 % 251, 256 % 251, 255 % 251, 0]);
  });

  test("is the same when the planes lie inside a larger buffer", () => {
    const shifted = new Uint8Array(BYTES_A_PIXEL * 4 + 8);
    shifted.set(flat, 8);
    expect(painted(shifted.subarray(8), view, 2)).toEqual(painted(flat, view, 2));
  });
});
