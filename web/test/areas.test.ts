import { describe, expect, test } from "vitest";
import type { Area, Plan } from "../src/api/client";
import { chipsOf, rowsOf } from "../src/order/rows";
import { stroke } from "../src/parts/line";
import {
  NOTHING,
  placed,
  STROKE,
  withFamily,
  withHalves,
  withJoin,
  withName,
  withStroke,
} from "../src/see/areas";
import { columns } from "../src/see/columns";
import { placedOutline } from "../src/see/usePhotos";
import { mass, pass, plan } from "./made";

const area = (id: string, given: Partial<Area> = {}): Area =>
  ({
    id,
    label: Number(id.slice(1)),
    name: null,
    called: `the area ${id}`,
    share: 0.5,
    value: 5,
    family: "light",
    gap: 1,
    depth: 0,
    inside: [0.1 * Number(id.slice(1)), 0.5],
    ...given,
  }) as Area;

describe("a line drawn over a thing", () => {
  const line = (count: number, length: number) =>
    Array.from({ length: count }, (_, k) => ({ x: 0.2 + (length * k) / count, y: 0.5 }));

  test("is none while it is only a touch", () => {
    expect(stroke([])).toBeNull();
    expect(stroke(line(20, 0.005))).toBeNull();
  });

  test("keeps its ends and no more points than it needs", () => {
    const drawn = stroke(line(3000, 0.6)) ?? [];
    expect(drawn.length).toBeLessThanOrEqual(202);
    expect(drawn[0]).toEqual({ x: 0.2, y: 0.5 });
    expect(drawn.at(-1)?.x).toBeCloseTo(0.8, 2);
  });

  test("ends at the frame where the hand went over it", () => {
    const drawn = stroke([
      { x: 0.9, y: 0.5 },
      { x: 1.4, y: -0.2 },
    ]);
    expect(drawn).toEqual([
      { x: 0.9, y: 0.5 },
      { x: 1, y: 0 },
    ]);
  });
});

describe("what is said of areas", () => {
  test("only ever adds to what was said before", () => {
    const line = STROKE;
    const once = withStroke(NOTHING, { points: [{ x: 0.1, y: 0.1 }], ...line });
    const twice = withStroke(once, { points: [{ x: 0.2, y: 0.2 }], ...line });
    expect(twice.strokes).toHaveLength(2);
    expect(twice.strokes?.[1]?.against).toBeNull();
    const points = [{ x: 0.2, y: 0.2 }];
    const split = withStroke(twice, { ...line, points, against: [{ x: 0.7, y: 0.2 }] });
    expect(split.strokes?.[2]?.against).toEqual([{ x: 0.7, y: 0.2 }]);
    expect(NOTHING.strokes).toHaveLength(0);
    const told = withFamily(twice, area("a1"), "shadow");
    expect(told.families).toEqual([{ x: 0.1, y: 0.5, family: "shadow" }]);
    expect(told.strokes).toBe(twice.strokes);
  });

  test("replaces the name an area had", () => {
    const once = withName(NOTHING, area("a1"), "gate");
    const twice = withName(once, area("a1", { name: "gate" }), "door");
    expect(twice.names?.map((n) => n.name)).toEqual(["door"]);
  });

  test("puts an area where another stands and then holds the whole order", () => {
    const areas = [area("a1"), area("a2"), area("a3")];
    const order = (id: string, at: number) =>
      placed(NOTHING, areas, id, at).depths?.map(({ x }) => Math.round(10 * x));
    expect(order("a2", 2)).toEqual([1, 3, 2]);
    expect(order("a3", 0)).toEqual([3, 1, 2]);
    expect(order("a1", 2)).toEqual([2, 3, 1]);
    expect(placed(NOTHING, areas, "a3", 2)).toBe(NOTHING);
    expect(placed(NOTHING, areas, "a9", 1)).toBe(NOTHING);
  });

  test("joins two areas by a place in each and divides one by light", () => {
    const joined = withJoin(NOTHING, area("a1"), area("a3")).strokes?.[0];
    expect(joined).toEqual({
      ...STROKE,
      points: [{ x: 0.1, y: 0.5 }],
      against: [{ x: expect.closeTo(0.3), y: 0.5 }],
      joins: true,
    });
    const halves = withHalves(NOTHING, area("a2")).strokes?.[0];
    expect(halves).toEqual({ ...STROKE, points: [{ x: 0.2, y: 0.5 }], byLight: true });
  });
});

describe("a borrowed thing", () => {
  const outline = [
    { x: 0.2, y: 0.2 },
    { x: 0.6, y: 0.2 },
    { x: 0.6, y: 0.8 },
  ];
  const thing = { photo: "", outline, x: 0.5, y: 0.4, width: 0.2, flipped: false };
  const other = { width: 400, height: 300 };

  test("is drawn as wide as it stands, in its own proportions", () => {
    const there = placedOutline(thing, other, { width: 800, height: 400 });
    expect(there[0]?.x).toBeCloseTo(0.4);
    expect(there[1]?.x).toBeCloseTo(0.6);
    // 160 of 800 pixels wide, so 160 · 180 / 160 pixels of 400 high.
    expect((there[2]?.y ?? 0) - (there[1]?.y ?? 0)).toBeCloseTo(180 / 400);
    expect(((there[2]?.y ?? 0) + (there[1]?.y ?? 0)) / 2).toBeCloseTo(0.4);
  });

  test("is turned round about its middle", () => {
    const there = placedOutline({ ...thing, flipped: true }, other, other);
    expect(there[0]?.x).toBeCloseTo(0.6);
    expect(there[1]?.x).toBeCloseTo(0.4);
  });
});

describe("areas as columns of the ladder", () => {
  const masses = [1, 2, 3, 4, 5].map((k) =>
    mass(`m${k}`, { share: k / 15, area: k < 4 ? "a1" : k < 5 ? "a2" : "gone" }),
  );
  const found = columns(masses, [area("a2"), area("a1"), area("a3")], 100, 500);

  test("run far to near inside their room, each mass in its own", () => {
    expect(found.columns.map((c) => c.number)).toEqual([1, 2, 0]);
    let x = 100;
    for (const column of found.columns) {
      expect(column.x).toBeGreaterThanOrEqual(x);
      x = column.x + column.width;
    }
    expect(x).toBeLessThanOrEqual(500 + 1e-6);
    expect(found.blocks).toHaveLength(masses.length);
    for (const block of found.blocks) {
      const home = found.columns.find(
        (c) => block.x >= c.x && block.x + block.width <= c.x + c.width,
      );
      expect(home?.area?.id ?? "gone").toBe(block.mass.area);
    }
  });

  test("are as wide as the roots of their shares", () => {
    const width = (id: string) => found.blocks.find((b) => b.mass.id === id)?.width ?? 0;
    expect(width("m4") / width("m1")).toBeCloseTo(2, 1);
  });
});

describe("areas as rows of the washboard", () => {
  const given = (): Plan => {
    const made = plan();
    made.document.masses = [
      mass("m1", { area: "a2", share: 0.2 }),
      mass("m2", { area: "a1", share: 0.5 }),
      mass("m3", { area: "a2", share: 0.3 }),
    ];
    made.view.areas = [area("a1"), area("a2"), area("a9")];
    return made;
  };
  const operation = (of: string, role: string, toValue: number, kind = "wash") => ({
    mass: of,
    role,
    toValue,
    kind,
  });
  const first = {
    ...pass("p1", 5),
    operations: [
      operation("m1", "target", 6.04),
      operation("m3", "target", 6.01),
      operation("m2", "under", 7),
    ],
  } as unknown as Parameters<typeof chipsOf>[1];

  test("come far to near and leave out what holds no mass", () => {
    expect(rowsOf(given(), false).map((row) => row.name)).toEqual(["Area a1", "Area a2"]);
    expect(rowsOf(given(), false)[1]?.masses.map((m) => m.id)).toEqual(["m3", "m1"]);
  });

  test("are the masses themselves on demand, or where there are no areas", () => {
    expect(rowsOf(given(), true).map((row) => row.id)).toEqual(["m2", "m1", "m3"]);
    const none = given();
    none.view.areas = [];
    expect(rowsOf(none, false)).toHaveLength(3);
  });

  test("show targets once a value, and what is run under only where there is no target", () => {
    const [far, near] = rowsOf(given(), false);
    const shown = (row: typeof far) => row && chipsOf(row, first).map((c) => c.mass.id);
    expect(shown(near)).toEqual(["m3"]);
    expect(shown(far)).toEqual(["m2"]);
  });
});
