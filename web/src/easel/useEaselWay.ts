import { useEffect, useState } from "react";
import type { Easel, Stride } from "../api/client";
import { held, now } from "../paint/outbox";
import type { useHappened } from "../paint/queries";

/** Where one is at the easel: a pass to be begun, one of its steps, what dries after it, or the end. */
export type Where =
  | { at: "begin" }
  | { at: "step"; step: Stride; number: number; count: number; next: Stride | undefined }
  | { at: "drying"; from: number; until: number }
  | { at: "end" };

type Logging = ReturnType<typeof useHappened>;

/** The way through the passes that are left, and what is logged on it. */
export function useEaselWay(piece: string, easel: Easel, logging: Logging) {
  // What was done here and waits to be sent counts as done, so that the easel goes on without the server.
  const doneHere = new Set(
    held(piece).flatMap((one) => (one.kind === "pass-done" ? [one.pass] : [])),
  );
  const first = easel.passes.find((pass) => !doneHere.has(pass.id));
  const [step, setStep] = useState(0);
  const [begun, setBegun] = useState<string | null>(easel.begunAt && first ? first.id : null);
  const [waited, setWaited] = useState<string | null>(null);
  const clock = useMinutes();
  useEffect(() => setStep(0), [first?.id, first?.steps.length]);
  const from = easel.doneAt ? minute(easel.doneAt) : null;
  const until = easel.readyAt ? minute(easel.readyAt) : null;
  const dries =
    from !== null && until !== null && clock < until && begun !== first?.id && waited !== first?.id;
  const where = placeOf();
  useSending(piece, logging);
  return { first, where, clock, done, back, stop, log };

  function placeOf(): Where {
    if (!first) return { at: "end" };
    if (dries) return { at: "drying", from: from ?? clock, until: until ?? clock };
    const own = first.steps[step];
    if (begun !== first.id || !own) return { at: "begin" };
    return {
      at: "step",
      step: own,
      number: step + 1,
      count: first.steps.length,
      next: first.steps[step + 1],
    };
  }

  function log(kind: string, more = {}) {
    logging.mutate(now(kind, more));
  }

  function done() {
    if (!first) return;
    if (where.at === "drying") {
      log("dry");
      setWaited(first.id);
    } else if (where.at === "begin") {
      log("pass-begun", { pass: first.id });
      setBegun(first.id);
      if (first.steps.length === 0) log("pass-done", { pass: first.id });
    } else if (where.at === "step" && where.next) {
      log("step-done", { pass: first.id, masses: where.step.masses });
      setStep(step + 1);
    } else {
      log("pass-done", { pass: first.id });
    }
  }

  function back() {
    if (step > 0) setStep(step - 1);
    else setBegun(null);
  }

  function stop() {
    log("sitting-ended");
  }
}

const minute = (when: string) => new Date(when).getTime() / 60_000;
const EVERY = 5000;

/** Minutes on the clock, looked at every few seconds. */
function useMinutes(): number {
  const [clock, setClock] = useState(() => Date.now() / 60_000);
  useEffect(() => {
    const timer = setInterval(() => setClock(Date.now() / 60_000), EVERY);
    return () => clearInterval(timer);
  }, []);
  return clock;
}

const AGAIN = 15_000;

/** Send what waits, every now and then, until the server has it. */
function useSending(piece: string, { mutate }: Logging) {
  useEffect(() => {
    const timer = setInterval(() => held(piece).length > 0 && mutate(null), AGAIN);
    return () => clearInterval(timer);
  }, [piece, mutate]);
}
