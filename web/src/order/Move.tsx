import { useMutation } from "@tanstack/react-query";
import type { Piece, Plan, Verdict } from "../api/client";
import { client, got } from "../api/client";
import type { useChanges } from "../api/hooks";
import { shortName } from "../parts/masses";
import classes from "./order.module.css";

interface Asked {
  passId: string;
  to: number;
  repair: boolean;
}

/** Ask what moving a pass comes to, while it is dragged and when it is dropped. */
export function useMove(piece: Piece, changes: ReturnType<typeof useChanges>) {
  const ask = useMutation({
    mutationFn: async ({ passId, to, repair }: Asked) =>
      got(
        await client.POST("/api/pieces/{piece}/moves", {
          params: { path: { piece: piece.id } },
          body: { passId, to, repair },
        }),
      ) as unknown as Verdict,
  });
  return {
    asked: ask.variables,
    verdict: ask.data,
    problem: ask.error,
    drag: (passId: string, to: number, repair: boolean) => ask.mutate({ passId, to, repair }),
    keep: (order: string[]) => {
      changes.edit.mutate({ order });
      ask.reset();
    },
    forget: ask.reset,
  };
}

interface Props {
  move: ReturnType<typeof useMove>;
  plan: Plan;
}

/** The answer to a move: fine, or what breaks for which masses and why. */
export function MoveNote({ move, plan }: Props) {
  const { asked, verdict } = move;
  if (!asked || !verdict)
    return move.problem ? <p className={classes.answer}>{move.problem.message}</p> : null;
  const from = plan.document.passes.findIndex((p) => p.id === asked.passId) + 1;
  const moved = `Pass ${from} moved to place ${asked.to + 1}`;
  return (
    <div className={classes.answer} role="status">
      {verdict.fine ? (
        <p>
          <b>{moved}: fine.</b>{" "}
          <button type="button" className="act" onClick={() => move.keep(verdict.order)}>
            Keep this order
          </button>{" "}
          <button type="button" className="act" onClick={move.forget}>
            Leave it
          </button>
        </p>
      ) : (
        <>
          <p>
            <b>{moved} breaks:</b>{" "}
            <button type="button" className="act" onClick={move.forget}>
              Leave it as it was
            </button>
          </p>
          <Broken verdict={verdict} plan={plan} />
          {verdict.repair && (
            <p>
              Smallest repair: {moves(plan, verdict)}.{" "}
              <button
                type="button"
                className="act"
                onClick={() => move.keep(verdict.repair?.order ?? [])}
              >
                Accept the repair
              </button>
            </p>
          )}
        </>
      )}
    </div>
  );
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

function Broken({ verdict, plan }: { verdict: Verdict; plan: Plan }) {
  const rules = [...new Set(verdict.refusals.map((r) => r.rule))];
  return (
    <ul>
      {rules.map((rule) => {
        const found = verdict.refusals.filter((r) => r.rule === rule);
        const names = [...new Set(found.map((r) => r.mass))].map((id) => {
          const mass = plan.document.masses.find((m) => m.id === id);
          return mass ? shortName(mass) : id;
        });
        const why = inPasses(plan, found[0]?.sentence.split(": ").slice(1).join(": ") ?? "");
        return (
          <li key={rule}>
            <span className={classes.diamond} />
            {names.slice(0, 4).join("; ")}
            {names.length > 4 ? ` and ${names.length - 4} more` : ""}: {why}
          </li>
        );
      })}
    </ul>
  );
}

/** Passes by the number they have on the page: a sentence names them by their lasting ids. */
function inPasses(plan: Plan, sentence: string): string {
  return sentence.replace(/\bp\d+\b/g, (id) => {
    const at = plan.document.passes.findIndex((p) => p.id === id);
    return at < 0 ? id : `pass ${at + 1}`;
  });
}
