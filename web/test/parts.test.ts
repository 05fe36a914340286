import { describe, expect, test } from "vitest";
import { got, Problem, problemOf } from "../src/api/client";
import { shortName } from "../src/parts/masses";
import { minutes, shortMinutes } from "../src/parts/time";
import { banded, bandName, lookedUp } from "../src/see/bands";

describe("minutes in words", () => {
  test.each([
    [0, "0 min"],
    [18.4, "18 min"],
    [99.4, "99 min"],
    [100, "1 h 40"],
    [125, "2 h 05"],
    [1439, "23 h 59"],
    [1440, "1 day"],
    [4320, "3 days"],
    [43200, "30 days"],
  ])("%f is %s", (count, words) => {
    expect(minutes(count)).toBe(words);
  });

  test.each([
    [18, "18′"],
    [125, "2h05"],
    [4320, "3.0 d"],
  ])("%f is %s where it is narrow", (count, words) => {
    expect(shortMinutes(count)).toBe(words);
  });
});

describe("short names of masses", () => {
  test("are what the plan calls them, without the article, with a capital", () => {
    expect(shortName({ called: "the near heap" })).toBe("Near heap");
    expect(shortName({ called: "theatre" })).toBe("Theatre");
    expect(shortName({ called: "the deep blue across the top" })).toBe("Deep blue across the top");
  });
});

describe("values as greys", () => {
  const greys = Array.from({ length: 256 }, (_, v) => Math.round(v * 0.9));
  const grey = (pixel: number | undefined) => (pixel ?? 0) & 255;

  test("every level is shown as the server's grey, neutral and opaque", () => {
    const pixels = new Uint32Array(3);
    lookedUp(pixels, new Uint8Array([0, 128, 255]), greys);
    expect([...pixels].map(grey)).toEqual([0, 115, 230]);
    for (const pixel of pixels) {
      expect((pixel >>> 8) & 255).toBe(pixel & 255);
      expect((pixel >>> 16) & 255).toBe(pixel & 255);
      expect(pixel >>> 24).toBe(255);
    }
  });

  test("bands show as many greys as there are, each its middle", () => {
    const table = banded([2.5, 5, 7.5], greys);
    expect(new Set(table).size).toBe(4);
    expect(grey(table[0])).toBe(greys[Math.round(1.25 * 25.5)]);
    expect(grey(table[255])).toBe(greys[Math.round(8.75 * 25.5)]);
  });

  test("a value on a threshold belongs to the lighter band", () => {
    const table = banded([2, 4], greys);
    expect(table[51]).toBe(table[100]);
    expect(table[50]).toBe(table[0]);
  });
});

describe("answers of the server", () => {
  const ok = { ok: true } as Response;
  const bad = { ok: false } as Response;

  test("give their data", () => {
    expect(got({ data: { a: 1 }, response: ok })).toEqual({ a: 1 });
  });

  test("or throw the problem in the server's words", () => {
    const error = { code: "stale", detail: "Changed in another tab." };
    expect(() => got({ error, response: bad })).toThrow("Changed in another tab.");
    expect(problemOf(error)).toBeInstanceOf(Problem);
    expect(problemOf(error).code).toBe("stale");
  });

  test("or say that nothing is lost when nobody answers", () => {
    expect(problemOf(undefined).code).toBe("unreachable");
    expect(problemOf(undefined).detail).toContain("Nothing is lost");
  });
});

describe("names of bands", () => {
  const names = (count: number) =>
    Array.from({ length: count }, (_, band) => bandName(band, count));

  test("are dark, middle and light for the classic three", () => {
    expect(names(3)).toEqual(["Dark", "Middle", "Light"]);
  });

  test("tell the several middles apart", () => {
    expect(names(2)).toEqual(["Dark", "Light"]);
    expect(names(4)).toEqual(["Dark", "Dark middle", "Light middle", "Light"]);
    expect(names(5)).toEqual(["Dark", "Dark middle", "Middle", "Light middle", "Light"]);
    for (const count of [6, 7]) expect(new Set(names(count)).size).toBe(count);
  });
});
