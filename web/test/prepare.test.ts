import { describe, expect, test } from "vitest";
import type { Piece, Plan, View } from "../src/api/client";
import {
  arrangementOf,
  directionOf,
  dragged,
  isPlain,
  length,
  toReference,
  WHOLE,
  withAccent,
  withMove,
} from "../src/prepare/arrangement";
import { between, measuresBetween, onSheet } from "../src/prepare/measures";
import { ALL, hide, shownOf } from "../src/see/alone";
import { edgeOf, edges, hardnesses, pair } from "../src/see/edges";

const size = { widthCm: 30, heightCm: 20, leftCm: 1, topCm: 2 };
const say = (cm: number) => length(cm, false);

describe("the arrangement", () => {
  const piece = { settings: { arrangement: null } } as unknown as Piece;

  test("is the whole reference where nothing was arranged", () => {
    expect(isPlain(arrangementOf(piece))).toBe(true);
    expect(isPlain({ ...arrangementOf(piece), level: 1 })).toBe(false);
    const moved = withMove(arrangementOf(piece), { x: 0.2, y: 0.3, dx: 0.1 });
    expect(moved.moves).toEqual([{ x: 0.2, y: 0.3, dx: 0.1, dy: 0, scale: 1, drop: false }]);
  });

  test("holds the accents put by hand", () => {
    const now = arrangementOf(piece);
    const made = withAccent(now, { x: 0.2, y: 0.3 }, 1.5);
    expect(made.accents?.[0]).toMatchObject({ x: 0.2, y: 0.3, value: 1.5 });
    expect(isPlain({ ...now, ...made } as typeof now)).toBe(false);
  });

  test("maps places to the reference", () => {
    const view = { back: [0.25, 0.5, 0.1, 0.1, -0.05, 0.8] } as unknown as View;
    const at = { x: 0.3, y: 0.6 };
    const there = toReference(view, at);
    expect(there.x).toBeCloseTo(0.46);
    expect(there.y).toBeCloseTo(0.565);
    expect(toReference({} as View, at)).toEqual(at);
  });

  test("knows where light comes from by the way it was dragged", () => {
    const view = { width: 600, height: 400 } as View;
    expect(directionOf(view, { x: 0.2, y: 0 })).toBe(180);
    expect(directionOf(view, { x: 0, y: 0.2 })).toBe(90);
    expect(directionOf(view, { x: -0.2, y: 0.3 })).toBe(45);
  });

  test("keeps a tenth of each side of a crop and stays inside", () => {
    expect(dragged(WHOLE, "left", 0.95).left).toBeCloseTo(0.9);
    expect(dragged(WHOLE, "bottom", 0.02).bottom).toBeCloseTo(0.1);
    expect(dragged(WHOLE, "right", 1.4).right).toBe(1);
    expect(dragged({ ...WHOLE, right: 0.5 }, "left", 0.3)).toEqual({
      ...WHOLE,
      left: 0.3,
      right: 0.5,
    });
  });
});

describe("measures", () => {
  test("are taken from the edges of the sheet, not of the picture", () => {
    expect(onSheet(size, { x: 0.5, y: 0.5 })).toEqual({ x: 16, y: 12 });
  });

  test("tell length, angle and ratio between marked places", () => {
    const across = between(size, { x: 0, y: 0.5 }, { x: 1, y: 0 });
    expect(across.cm).toBeCloseTo(Math.hypot(30, 10));
    expect(across.angle).toBeCloseTo((Math.atan2(10, 30) * 180) / Math.PI);
    const marks = [
      { x: 0, y: 0 },
      { x: 0.5, y: 0 },
      { x: 0.5, y: 0.375 },
    ];
    const found = measuresBetween(size, marks, say).map(({ figure }) => figure);
    expect(found).toContain("15.0 cm, 0° from level");
    expect(found).toContain("1 : 0.50");
    expect(found[0]).toBe("1.0 cm from the left, 2.0 cm from the top");
    expect(measuresBetween(size, [], say)).toEqual([]);
  });

  test("come in inches where wanted", () => {
    expect(length(25.4, true)).toBe("10.00 in");
  });
});

const mass = (id: string, label: number, more = {}) => ({
  id,
  label,
  kind: "flat",
  area: "a1",
  neighbours: [],
  ...more,
});
const plan = {
  document: {
    masses: [
      mass("m1", 1, { neighbours: [{ mass: "m2", hardness: 0.9 }] }),
      mass("m2", 2, { area: "a2", kind: "accent" }),
    ],
  },
  view: {
    areas: [
      { id: "a1", family: "light" },
      { id: "a2", family: "shadow" },
    ],
  },
} as unknown as Plan;

describe("shown alone", () => {
  const pixels = () => new Uint32Array(4).fill(7);
  const labels = new Uint16Array([1, 1, 2, 2]);
  const values = new Uint8Array([20, 90, 140, 250]);
  const grey = (k: Parameters<typeof shownOf>[0], chosen: string | null = null) => {
    const own = pixels();
    hide(own, shownOf(k, plan, [2, 4, 8], chosen), values, labels, 0xa0);
    return [...own].map((p) => p !== 7);
  };

  test("everything hides nothing", () => {
    expect(grey(ALL)).toEqual([false, false, false, false]);
  });

  test("a band hides all other values", () => {
    expect(grey({ kind: "band", band: 1 })).toEqual([true, false, true, true]);
    expect(grey({ kind: "band", band: 3 })).toEqual([true, true, true, false]);
  });

  test("darker than hides what is as light or lighter", () => {
    expect(grey({ kind: "darker", than: 4 })).toEqual([false, false, true, true]);
  });

  test("lights, accents and the mass pointed at go by masses", () => {
    expect(grey({ kind: "lights" })).toEqual([false, false, true, true]);
    expect(grey({ kind: "accents" })).toEqual([true, true, false, false]);
    expect(grey({ kind: "chosen" }, "m2")).toEqual([true, true, false, false]);
    expect(grey({ kind: "chosen" })).toEqual([false, false, false, false]);
  });
});

describe("edges alone", () => {
  test("are firm, soft or lost by their measured hardness", () => {
    expect([0.9, 0.5, 0.2].map(edgeOf)).toEqual(["firm", "soft", "lost"]);
    expect(hardnesses(plan).get(pair(2, 1))).toBe(0.9);
  });

  test("are drawn where two masses meet and nowhere else", () => {
    const width = 20;
    const labels = new Uint16Array(width * 20).map((_, i) => (i % width < 10 ? 1 : 2));
    const pixels = new Uint32Array(labels.length);
    edges(pixels, labels, width, hardnesses(plan));
    const row = [...pixels.slice(10 * width, 11 * width)].map((p) => p === 0xff141414);
    expect(row.flatMap((dark, x) => (dark ? [x] : []))).toEqual([8, 9, 10]);
  });
});
