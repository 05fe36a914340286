import { describe, expect, test } from "vitest";
import { columnOf, lookedUp, looks, partWords } from "../src/mix/table";

const loads = [0, 1, 3];
/** A table that is linear in both amounts: looking up between must be exact. */
const rows = loads.flatMap((a) => loads.map((b) => [100 - 10 * a - 5 * b, a, b, 10 - a]));

describe("a mixing table", () => {
  test("is exact at its rows and linear between them", () => {
    expect(lookedUp(loads, rows, [1, 3])).toEqual([75, 1, 3, 9]);
    const between = lookedUp(loads, rows, [0.5, 2]);
    expect(between[0]).toBeCloseTo(85);
    expect(between[1]).toBeCloseTo(0.5);
    expect(between[2]).toBeCloseTo(2);
    expect(between[3]).toBeCloseTo(9.5);
  });

  test("stays at its end beyond it", () => {
    expect(lookedUp(loads, rows, [9, 0])).toEqual([70, 3, 0, 7]);
  });

  test("tells parts by their share of the film", () => {
    const table = { loads, dry: rows, wet: rows, strongest: 1 };
    expect(looks(table, [3, 1], 2).dry[1]).toBeCloseTo(1.5);
    expect(looks(table, [3, 1], 2).dry[2]).toBeCloseTo(0.5);
    expect(looks(table, [0, 0], 2).dry).toEqual(rows[0]);
  });
});

test("parts are said as painters say them", () => {
  expect([0.15, 0.5, 1, 1.5, 12].map(partWords)).toEqual(["a touch of", "½", "1", "1½", "12"]);
});

test("the ends of the ladder are light and dark, all between is middle", () => {
  expect([0, 1, 2, 3, 4].map((band) => columnOf(band, 4))).toEqual([
    "dark",
    "middle",
    "middle",
    "middle",
    "light",
  ]);
});
