import { describe, expect, test } from "vitest";
import type { Pass } from "../src/api/client";
import { drawWhere, type Ground, litIn, rolesOf } from "../src/order/where";
import { spans } from "../src/parts/lit";
import { pass, plan } from "./made";

const SIZE = 48;

/** Two masses side by side, lines one pixel thick. */
function ground(): Ground {
  const owners = Uint16Array.from({ length: SIZE * SIZE }, (_, i) => (i % SIZE < SIZE / 2 ? 0 : 1));
  const hatches = Uint8Array.from({ length: SIZE * SIZE }, (_, i) => (i % 4 === 0 ? 1 : 0));
  const borders = Array.from({ length: SIZE - 2 }, (_, y) => (y + 1) * SIZE + SIZE / 2 - 1);
  return {
    width: SIZE,
    height: SIZE,
    unit: 1,
    owners,
    hatches,
    borders: Uint32Array.from(borders),
  };
}

const painting = (places: object) => ({ ...pass("p1", 5), places }) as Pass;
const NONE = { masses: [], edges: [] };

function drawn(done: Pass | undefined, lit = NONE as Parameters<typeof litIn>[1]) {
  const pixels = new Uint32Array(SIZE * SIZE).fill(7);
  drawWhere(pixels, ground(), { roles: rolesOf(plan(), done), ...litIn(plan(), lit, []) });
  return pixels;
}

const inked = (pixels: Uint32Array, left: number, right: number) =>
  pixels.filter((pixel, i) => pixel && i % SIZE >= left && i % SIZE < right).length;

describe("where a pass is painted", () => {
  test("is hatched in its mass alone, and nowhere without a pass", () => {
    const pixels = drawn(painting({ painted: ["m1"] }));
    expect(inked(pixels, 0, 20)).toBeGreaterThan(0);
    expect(inked(pixels, 28, SIZE)).toBe(0);
    expect(inked(drawn(undefined), 0, SIZE)).toBe(0);
  });

  test("gives a mass one role: going round wins over painting, painting over going across", () => {
    const done = painting({ painted: ["m1", "m2"], across: ["m1"], round: ["m2"] });
    expect([...rolesOf(plan(), done)]).toEqual([1, 3]);
  });
});

describe("what is lit", () => {
  test("has an outline in both inks along its border, with or without a pass", () => {
    const pixels = drawn(undefined, { masses: ["m2"], edges: [] });
    const near = pixels.filter((_, i) => Math.abs((i % SIZE) - SIZE / 2) < 3);
    expect(near).toContain(0xff141414);
    expect(near).toContain(0xfff4f4f4);
    expect(inked(pixels, 0, 18)).toBe(0);
  });

  test("is a common edge in dashes where a pair of masses is named in either order", () => {
    const one = drawn(undefined, { masses: [], edges: [["m1", "m2"]] });
    expect(inked(one, 20, 28)).toBeGreaterThan(SIZE);
    expect(drawn(undefined, { masses: [], edges: [["m2", "m1"]] })).toEqual(one);
  });

  test("is nothing for a mass that the plan has no more", () => {
    expect(inked(drawn(undefined, { masses: ["m99"], edges: [["m1", "m99"]] }), 0, SIZE)).toBe(0);
  });
});

describe("a text with marks", () => {
  test("is cut where the server counts, whatever characters a name has", () => {
    const found = spans("The 🌳 x and sea.", [
      { start: 4, end: 7, masses: ["m1"] },
      { start: 12, end: 15, masses: ["m2"] },
    ]);
    expect(found.map(({ words }) => words)).toEqual(["The ", "🌳 x", " and ", "sea", "."]);
    expect(found.map(({ mark }) => mark?.masses?.[0])).toEqual([
      undefined,
      "m1",
      undefined,
      "m2",
      undefined,
    ]);
  });
});
