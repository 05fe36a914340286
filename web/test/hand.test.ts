import { describe, expect, test } from "vitest";
import { drawHand, paintedIn } from "../src/order/HandLayer";
import { plan, told } from "./made";

describe("the picture as laid by a hand", () => {
  test("nothing is painted on the bare surface, and what a pass changes is from then on", () => {
    const made = plan();
    expect([...paintedIn(made, 0)].every((one) => one === 0)).toBe(true);
    expect([...paintedIn(made, 1)]).toEqual([1, 1]);
    made.view.colours = told([0, 0, 0, 9].flatMap((level) => Array(6).fill(level)));
    expect([...paintedIn({ ...made, view: { ...made.view } }, 1)]).toEqual([0, 1]);
  });

  test("it is a pure grey where something is painted, and clear elsewhere", () => {
    const pixels = new Uint32Array(3).fill(5);
    drawHand(
      pixels,
      Uint16Array.from([0, 1, 1]),
      Uint8Array.from([100, 128, 140]),
      Uint8Array.from([0, 1]),
    );
    expect([...pixels]).toEqual([0, 0xff808080, 0xff8c8c8c]);
  });
});
