import { expect, test } from "vitest";
import type { Easel } from "../src/api/client";
import { placeOf } from "../src/easel/place";
import type { Happened } from "../src/paint/outbox";

const at = (minute: number) => new Date(minute * 60_000).toISOString();
const step = (...masses: string[]) => ({ heading: masses.join(), masses });
const pass = (id: string, wait: number, ...steps: object[]) => ({ id, wait, steps });

function easel(more: object = {}): Easel {
  const passes = [pass("p1", 20, step("a"), step("b", "c"), step("d")), pass("p2", 0, step("e"))];
  return { passes, begunAt: null, doneAt: null, readyAt: null, logged: [], ...more } as never;
}

let number = 0;
const event = (kind: string, minute: number, more: object = {}): Happened => ({
  id: `e${number++}`,
  kind,
  at: at(minute),
  ...more,
});
const begun = event("pass-begun", 1, { pass: "p1" });
const first = event("step-done", 2, { pass: "p1", masses: ["a"] });

test("a pass is begun, gone through step by step, dries, and the next one comes", () => {
  expect(placeOf(easel(), [], 0, 0).where.at).toBe("begin");
  expect(placeOf(easel(), [begun], 1, 0).where).toMatchObject({ at: "step", number: 1, count: 3 });
  expect(placeOf(easel(), [begun, first], 2, 0).where).toMatchObject({ number: 2 });
  const done = event("pass-done", 10, { pass: "p1" });
  const drying = placeOf(easel(), [begun, first, done], 15, 0);
  expect(drying.first?.id).toBe("p2");
  expect(drying.where).toEqual({ at: "drying", from: 10, until: 30 });
  expect(placeOf(easel(), [begun, first, done], 31, 0).where.at).toBe("begin");
  const dry = event("dry", 16);
  expect(placeOf(easel(), [begun, first, done, dry], 16, 0).where.at).toBe("begin");
  const last = [event("pass-begun", 40, { pass: "p2" }), event("pass-done", 41, { pass: "p2" })];
  expect(placeOf(easel(), [begun, done, ...last], 42, 0).where.at).toBe("end");
});

test("steps that were taken together meanwhile are not skipped for a part of them", () => {
  const part = event("step-done", 3, { pass: "p1", masses: ["b"] });
  expect(placeOf(easel(), [begun, first, part], 3, 0).where).toMatchObject({ number: 2 });
  const all = event("step-done", 3, { pass: "p1", masses: ["c"] });
  expect(placeOf(easel(), [begun, first, part, all], 3, 0).where).toMatchObject({ number: 3 });
});

test("one can look back at what was done, to the beginning and no farther", () => {
  const back = placeOf(easel(), [begun, first], 3, 1);
  expect(back.where).toMatchObject({ at: "step", number: 1 });
  expect([back.again, back.backs]).toEqual([true, 1]);
  const whole = placeOf(easel(), [begun, first], 3, 2);
  expect([whole.where.at, whole.backs]).toEqual(["begin", 0]);
});

test("what the program told of a pass that is begun or drying counts as long as nothing came since", () => {
  expect(placeOf(easel({ begunAt: at(5) }), [], 6, 0).where.at).toBe("step");
  const dries = easel({ doneAt: at(5), readyAt: at(25) });
  expect(placeOf(dries, [], 10, 0).where).toEqual({ at: "drying", from: 5, until: 25 });
  expect(placeOf(dries, [begun], 10, 0).where.at).toBe("step");
});
