import { describe, expect, test } from "vitest";
import { labels, massColours, ribbons, type Scale, yOf } from "../src/order/ribbons";
import { dipPath, ridgePath, ridges } from "../src/parts/ridges";
import { mass, pass, plan, told } from "./made";

const SCALE: Scale = { top: 10, height: 200, low: 0, high: 10 };

describe("passes as ridges", () => {
  const sizes = [200, 480, 900, 1400];
  const days = [
    pass("a", 12, 24),
    pass("b", 240, 4320),
    pass("c", 3, 0),
    pass("d", 45, 15),
    pass("e", 1),
  ];

  test.each(sizes)("follow each other inside %i pixels without overlapping", (width) => {
    const row = ridges(days, width);
    expect(row.map((r) => r.id)).toEqual(["a", "b", "c", "d", "e"]);
    let x = 0;
    for (const ridge of row) {
      expect(ridge.start).toBeGreaterThanOrEqual(x);
      expect(ridge.end).toBeGreaterThan(ridge.start);
      expect(ridge.next).toBeGreaterThanOrEqual(ridge.end);
      x = ridge.next;
    }
    expect(x).toBeLessThanOrEqual(width);
  });

  test("are the wider the longer they take, and so are the waits", () => {
    const [short, long, , ,] = ridges([pass("a", 5, 10), pass("b", 60, 300), pass("c", 5)], 900);
    const width = (r?: { start: number; end: number }) => (r ? r.end - r.start : 0);
    const dip = (r?: { end: number; next: number }) => (r ? r.next - r.end : 0);
    expect(width(long)).toBeGreaterThan(width(short));
    expect(dip(long)).toBeGreaterThan(dip(short));
  });

  test("keep their least width on a narrow board: waits give way first", () => {
    const row = ridges(
      Array.from({ length: 9 }, (_, k) => pass(`p${k}`, 1, 4000)),
      330,
    );
    for (const { start, end } of row) expect(end - start).toBeGreaterThanOrEqual(24);
  });

  test("need no pass at all", () => {
    expect(ridges([], 500)).toEqual([]);
  });

  test("draw closed outlines with finite numbers", () => {
    for (const ridge of ridges(days, 480)) {
      for (const path of [ridgePath(ridge, 40, 30), dipPath(ridge, 40)]) {
        expect(path).not.toMatch(/NaN|Infinity/);
        expect(path.startsWith("M")).toBe(true);
      }
    }
  });
});

describe("masses as ribbons", () => {
  const row = ridges(plan().document.passes, 600);

  test("end at the height of their last predicted value, the lightest highest", () => {
    const found = ribbons(plan(), row, SCALE, 0, 600);
    const end = (id: string) => found.find((r) => r.mass.id === id)?.end ?? Number.NaN;
    expect(end("m1")).toBeCloseTo(yOf(SCALE, 6), 0);
    expect(end("m2")).toBeCloseTo(yOf(SCALE, 3), 0);
    expect(end("m1")).toBeLessThan(end("m2"));
  });

  test("run in one bundle, not overlapping, while they are still one paint", () => {
    const found = ribbons(plan(), row, SCALE, 0, 600);
    const starts = found.map(({ path }) => Number(path.match(/^M0 ([\d.]+)/)?.[1]));
    const lower = found.map(({ path }) => Number(path.match(/L0 ([\d.]+)Z$/)?.[1]));
    const [first, second] = [0, 1].sort((a, b) => (starts[a] ?? 0) - (starts[b] ?? 0));
    expect(lower[first ?? 0]).toBeCloseTo(starts[second ?? 1] ?? 0, 0);
  });

  test("are listed largest first, so that small ones are drawn on top", () => {
    expect(ribbons(plan(), row, SCALE, 0, 600).map((r) => r.mass.id)).toEqual(["m1", "m2"]);
  });

  test("take their colour from the patch nearest the mass's own value", () => {
    const given = plan();
    const three = (level: number) => [level, level, level];
    given.view.patchMass = [0, 1, 1];
    const row = [153, 77].flatMap((level) => [...three(level), ...three(level)]);
    given.view.colours = told([1, 2, 3].map(() => [...row, 255, 0, 0, 255, 0, 0]));
    given.view.greys = told([1, 2, 3].map(() => [153, 153, 77, 77, 255, 255]));
    const after = massColours(given)[2];
    expect(after?.[1]).toBe("rgb(77 77 77)");
  });
});

describe("labels of ribbons", () => {
  const crowd = Array.from({ length: 30 }, (_, k) => ({
    mass: mass(`m${k}`, { share: (30 - k) / 465 }),
    path: "",
    colours: [],
    end: 100 + (k % 3),
    values: [],
  }));

  test("never overlap and stay on the board, however many end together", () => {
    const shown = labels(crowd, SCALE, 14, 12);
    expect(shown).toHaveLength(12);
    const ys = shown.map(({ y }) => y);
    for (let k = 1; k < ys.length; k++)
      expect((ys[k] ?? 0) - (ys[k - 1] ?? 0)).toBeGreaterThanOrEqual(14 - 1e-9);
    expect(Math.max(...ys)).toBeLessThanOrEqual(SCALE.top + SCALE.height + 4);
  });

  test("are those of named masses first, then of the largest", () => {
    const named = crowd.map((r) =>
      r.mass.id === "m29" ? { ...r, mass: { ...r.mass, name: "the lamp" } } : r,
    );
    const shown = labels(named, SCALE, 14, 3).map(({ ribbon }) => ribbon.mass.id);
    expect(shown.sort()).toEqual(["m0", "m1", "m29"]);
  });

  test("name masses called alike, and the accents of one value, only once", () => {
    const windows = crowd.slice(0, 3).map((r) => ({
      ...r,
      mass: { ...r.mass, name: "the windows", called: "the windows" },
    }));
    const sparks = crowd.slice(3, 6).map((r) => ({
      ...r,
      mass: { ...r.mass, kind: "accent" as const },
      values: [2, 8.9],
    }));
    const dark = sparks.map((r) => ({ ...r, values: [9, 3], mass: { ...r.mass, light: false } }));
    expect(labels([...windows, ...sparks, ...dark], SCALE, 14, 12)).toHaveLength(3);
  });
});
