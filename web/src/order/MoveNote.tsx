import { Box } from "@mantine/core";
import type { Plan, Verdict } from "../api/client";
import { Act } from "../parts/Act";
import { Diamond } from "../parts/Diamond";
import { nameIn } from "../parts/masses";
import { minutes, waiting } from "../parts/time";
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
          <b>{asked.words}: fine.</b> {price(plan, verdict)}{" "}
          <Act onClick={() => move.keep(verdict.order)}>Keep this order</Act>{" "}
          <Act onClick={move.forget}>Leave it</Act>
        </p>
      ) : (
        <>
          <p>
            <b>{asked.words} breaks:</b> <Act onClick={move.forget}>Leave it as it was</Act>
          </p>
          <Broken verdict={verdict} plan={plan} />
          {repair && (
            <p>
              Smallest repair: {moves(plan, verdict)}.{" "}
              <Act onClick={() => move.keep(repair.order)}>Accept the repair</Act>
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
    return `${minutes(Math.abs(more))} ${more > 0 ? "more" : "less"} of ${words}`;
  });
  const price = parts.filter((part) => part !== null).join(", ");
  return price ? `${price}.` : "";
}

/** The passes that a repair moves besides, each with where it comes to stand. */
function moves(plan: Plan, verdict: Verdict): string {
  const { order = [], moved = [] } = verdict.repair ?? {};
  const parts = moved.map((id) => {
    const from = plan.document.passes.findIndex((p) => p.id === id) + 1;
    return `pass ${from} to place ${order.indexOf(id) + 1}`;
  });
  return `also move ${parts.join(" and ")}`;
}

const NAMED = 4;

function Broken({ verdict, plan }: { verdict: Verdict; plan: Plan }) {
  const rules = [...new Set(verdict.refusals.map((r) => r.rule))];
  return (
    <ul>
      {rules.map((rule) => {
        const found = verdict.refusals.filter((r) => r.rule === rule);
        const names = [...new Set(found.map((r) => r.mass))].map((id) => nameIn(plan, id));
        const more = names.length - NAMED;
        return (
          <li key={rule} className={classes.finding}>
            <Diamond />
            {names.slice(0, NAMED).join("; ")}
            {more > 0 ? ` and ${more} more` : ""}: {found[0]?.why}
          </li>
        );
      })}
    </ul>
  );
}
