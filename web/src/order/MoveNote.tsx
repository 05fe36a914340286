import { Box } from "@mantine/core";
import { useEffect, useMemo } from "react";
import type { Plan, Verdict } from "../api/client";
import { Act } from "../parts/Act";
import { Diamond } from "../parts/Diamond";
import { Name, useLit, Words } from "../parts/lit";
import { minutes, waiting } from "../parts/time";
import { listed, Rich, say } from "../words/say";
import classes from "./order.module.css";
import type { Move } from "./useMove";

interface Props {
  move: Move;
  plan: Plan;
}

/** The answer to another order: fine, or what breaks for which masses and why. */
export function MoveNote({ move, plan }: Props) {
  const { asked, verdict } = move;
  if (!asked || !verdict) return null;
  const { repair } = verdict;
  return (
    <Box py={4} mih={22} role="status">
      {verdict.fine ? (
        <p>
          <b>{say("move-note-fine", { asked: asked.words })}</b> {price(plan, verdict)}{" "}
          <Act onClick={() => move.keep(verdict.order)}>{say("move-note-keep-order")}</Act>{" "}
          <Act onClick={move.forget}>{say("move-note-put-back")}</Act>
        </p>
      ) : (
        <>
          <p>
            <b>{say("move-note-cannot", { asked: asked.words })}</b>{" "}
            <Act onClick={move.forget}>{say("move-note-put-back")}</Act>
          </p>
          <Broken verdict={verdict} />
          {repair && isAsItWas(plan, repair.order) && <p>{say("move-note-only-old-order")}</p>}
          {repair && !isAsItWas(plan, repair.order) && (
            <p>
              {say("move-note-fix", { moves: moves(plan, verdict) })}{" "}
              <Act onClick={() => move.keep(repair.order)}>{say("move-note-use-fix")}</Act>
            </p>
          )}
        </>
      )}
    </Box>
  );
}

/** What the answer costs or saves, in work and in waiting. */
function price(plan: Plan, verdict: Verdict): string {
  const sum = (passes: Verdict["passes"], what: (done: Verdict["passes"][number]) => number) =>
    passes.reduce((total, done) => total + what(done), 0);
  const parts = (["work", "waiting"] as const).map((words) => {
    const what = words === "work" ? (done: Verdict["passes"][number]) => done.minutes : waiting;
    const more = sum(verdict.passes, what) - sum(plan.document.passes, what);
    if (Math.abs(more) < 0.5) return null;
    return say(`move-note-${words}-${more > 0 ? "more" : "less"}`, {
      minutes: minutes(Math.abs(more)),
    });
  });
  return parts.filter((part) => part !== null).join(" ");
}

/** Whether a repair only undoes what was asked. */
const isAsItWas = (plan: Plan, order: readonly string[]) =>
  plan.document.passes.map((done) => done.id).join() === order.join();

/** The passes that a repair moves besides, each with where it comes to stand. */
function moves(plan: Plan, verdict: Verdict): string {
  const { order = [], moved = [] } = verdict.repair ?? {};
  const parts = moved.map((id) => {
    const from = plan.document.passes.findIndex((p) => p.id === id) + 1;
    return say("move-note-pass-place", { from, to: order.indexOf(id) + 1 });
  });
  return listed(parts);
}

function Broken({ verdict }: { verdict: Verdict }) {
  const { light } = useLit();
  // What breaks is lit at once; of the same rule the first says it for all.
  const masses = useMemo(() => verdict.refusals.map((refusal) => refusal.mass), [verdict]);
  useEffect(() => {
    light({ masses, edges: [] });
    return () => light(null);
  }, [light, masses]);
  const rules = [...new Set(verdict.refusals.map((r) => r.rule))];
  return (
    <ul>
      {rules.map((rule) => {
        const [first, ...more] = verdict.refusals.filter((r) => r.rule === rule);
        const others = [...new Set(more.map((r) => r.mass))].filter((id) => id !== first?.mass);
        return (
          <li key={rule} className={classes.finding}>
            <Diamond />
            <span>
              <Words text={first?.sentence ?? ""} marks={first?.marks} />
              {others.length > 0 && (
                <>
                  {" "}
                  <Rich
                    words={say("move-note-so-for", { count: others.length })}
                    parts={{
                      lit: (words) => <Name words={words} lit={{ masses: others, edges: [] }} />,
                    }}
                  />
                </>
              )}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
