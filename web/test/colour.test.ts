import { describe, expect, test } from "vitest";
import { inkOn, luminance, takesWhite } from "../src/parts/colour";

describe("luminance of a colour in Lab as a screen shows it", () => {
  test.each([
    ["white", [100, 0, 0], 1],
    ["black", [0, 0, 0], 0],
    ["red", [54.2917, 80.8125, 69.8851], 0.2126],
    ["green", [87.8181, -79.2873, 80.9902], 0.7152],
    ["blue", [29.5676, 68.2986, -112.0294], 0.0722],
  ])("of the screen's own %s is its share in the standard", (_, lab, expected) => {
    expect(luminance(lab)).toBeCloseTo(expected, 3);
  });
});

describe("ink on a colour", () => {
  test("stands out by 4.5 to 1 or more on every colour", () => {
    for (let l = 0; l <= 100; l += 0.5)
      for (let a = -80; a <= 80; a += 20)
        for (let b = -80; b <= 80; b += 20) {
          const y = luminance([l, a, b]) + 0.05;
          expect(takesWhite([l, a, b]) ? 1.05 / y : y / 0.05).toBeGreaterThanOrEqual(4.5);
        }
  });

  test.each([
    ["rgb(128 117 111)", "#000"],
    ["rgb(120 110 104)", "#fff"],
    ["rgb(0 0 255)", "#fff"],
    ["rgb(0 255 0)", "#000"],
  ])("on %s, as a screen is given it, is %s", (colour, ink) => {
    expect(inkOn(colour)).toBe(ink);
  });

  test("is white on an orange that a screen shows darker than its lightness", () => {
    expect(takesWhite([49.28, 30.99, 40.13])).toBe(true);
  });
});
