import { useEffect, useState } from "react";
import type { Logged } from "../along/store";
import type { Easel } from "../api/client";
import { now } from "../paint/outbox";
import { useHappened } from "../paint/queries";
import { placeOf } from "./place";

/** The way through the passes that are left, and what is logged on it; `held` was logged on this device. */
export function useEaselWay(piece: string, easel: Easel, held: readonly Logged[]) {
  const logging = useHappened(piece);
  const clock = useMinutes();
  const [back, setBack] = useState(0);
  const known = new Set(easel.logged);
  const since = held.map((one) => one.event).filter((event) => !known.has(event.id));
  const { first, where, begun, again, backs } = placeOf(easel, since, clock, back);
  useEffect(() => setBack(0), [first?.id, first?.steps.length]);
  return {
    first,
    where,
    clock,
    begun,
    backs,
    /** What went wrong and is not in the plan yet. */
    untold: since.filter((event) => event.kind === "accident"),
    unsent: logging.isPending ? 0 : held.filter((one) => !one.sent).length,
    done,
    back: () => setBack(Math.min(back + 1, back + backs)),
    stop: () => log("sitting-ended"),
    log,
  };

  function log(kind: string, more = {}) {
    logging.mutate(now(kind, more));
  }

  function done() {
    if (!first) return;
    if (again) return setBack(back - 1);
    const pass = first.id;
    if (where.at === "drying") return log("dry");
    if (where.at === "begin") log("pass-begun", { pass });
    if (where.at === "step" && where.next)
      return log("step-done", { pass, masses: where.step.masses });
    if (where.at === "step" || first.steps.length === 0) log("pass-done", { pass });
  }
}

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
