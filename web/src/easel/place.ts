import type { Easel, EaselPass, Stride } from "../api/client";
import type { Happened } from "../paint/outbox";

/** Where one is at the easel: a pass to be begun, one of its steps, what dries after it, or the end. */
export type Where =
  | { at: "begin" }
  | { at: "step"; step: Stride; number: number; count: number; next: Stride | undefined }
  | { at: "drying"; from: number; until: number }
  | { at: "end" };

export interface Place {
  /** The pass that one is at. */
  first: EaselPass | undefined;
  where: Where;
  /** Since when the pass has been painted, in minutes. */
  begun: number | null;
  /** Whether what is shown was gone through already and is only looked at again. */
  again: boolean;
  /** Steps that can be gone back. */
  backs: number;
}

/** Minutes of a time of day and date. */
export const minuteOf = (when: string) => new Date(when).getTime() / 60_000;

/**
 * Where one is at a `clock` in minutes: as the program told last, then as was logged on this device since,
 * so that the easel goes on by itself while the program is gone; `back` steps are looked at again.
 */
export function placeOf(
  easel: Easel,
  since: readonly Happened[],
  clock: number,
  back: number,
): Place {
  const doneHere = since.filter((one) => one.kind === "pass-done");
  const done = new Set(doneHere.map((one) => one.pass));
  const first = easel.passes.find((pass) => !done.has(pass.id));
  if (!first) return { first, where: { at: "end" }, begun: null, again: false, backs: 0 };
  const own = since.filter((one) => one.pass === first.id);
  const begunHere = own.find((one) => one.kind === "pass-begun");
  const told = doneHere.length === 0 ? easel.begunAt : null;
  const began = begunHere?.at ?? told;
  const begun = began ? minuteOf(began) : null;
  // What was begun is place 0, what comes before it -1.
  const now = begun === null ? -1 : Math.min(stepsDone(first, own), first.steps.length - 1);
  const dries = begun === null ? drying(easel, since) : null;
  if (dries && clock < dries.until)
    return { first, where: { at: "drying", ...dries }, begun, again: false, backs: 0 };
  const shown = Math.max(-1, now - back);
  const step = first.steps[shown];
  const where: Where = step
    ? {
        at: "step",
        step,
        number: shown + 1,
        count: first.steps.length,
        next: first.steps[shown + 1],
      }
    : { at: "begin" };
  return { first, where, begun, again: shown < now, backs: now - back + 1 };
}

/**
 * How many steps, from the first on, were done since. Steps are matched by their masses: by what was told
 * meanwhile others may have been taken together.
 */
function stepsDone(first: EaselPass, own: readonly Happened[]): number {
  const done = new Set(own.flatMap((one) => (one.kind === "step-done" ? (one.masses ?? []) : [])));
  const left = first.steps.findIndex((step) => step.masses.some((mass) => !done.has(mass)));
  return left < 0 ? first.steps.length : left;
}

/** From when to when what was laid last dries, unless it was said to be dry. */
function drying(
  easel: Easel,
  since: readonly Happened[],
): { from: number; until: number } | undefined {
  const last = since.filter((one) => one.kind === "pass-done").at(-1);
  const laid = last
    ? { from: minuteOf(last.at), wait: easel.passes.find((pass) => pass.id === last.pass)?.wait }
    : null;
  const from = laid?.from ?? (easel.doneAt ? minuteOf(easel.doneAt) : null);
  const until = laid
    ? laid.from + (laid.wait ?? 0)
    : easel.readyAt
      ? minuteOf(easel.readyAt)
      : null;
  if (from === null || until === null) return undefined;
  const dry = since.some((one) => one.kind === "dry" && minuteOf(one.at) >= from);
  return dry ? undefined : { from, until };
}
