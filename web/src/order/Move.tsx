import { useMutation } from "@tanstack/react-query";
import type { Piece, PieceUpdate, Plan, Verdict } from "../api/client";
import { client, got } from "../api/client";
import type { useChanges } from "../api/hooks";
import { shortName } from "../parts/masses";
import { minutes, waiting } from "../parts/time";
import classes from "./order.module.css";

interface Asked {
  /** What is tried, in words: "Pass 3 moved to place 1". */
  words: string;
  send: () => Promise<Verdict>;
  /** What is set besides the order when the answer is kept. */
  also: (verdict: Verdict) => Partial<PieceUpdate>;
}

/** Ask what another order of passes comes to: one moved, set in or left out. */
export function useMove(piece: Piece, plan: Plan, changes: ReturnType<typeof useChanges>) {
  const ask = useMutation({ mutationFn: (asked: Asked) => asked.send() });
  const params = { path: { piece: piece.id } };
  const own = piece.settings.ownPasses ?? [];
  const number = (id: string) => plan.document.passes.findIndex((p) => p.id === id) + 1;
  return {
    asked: ask.variables,
    verdict: ask.data,
    problem: ask.error,
    /** While a pass is dragged, and with `repair` when it is dropped. */
    drag: (passId: string, to: number, repair: boolean) =>
      ask.mutate({
        words: `Pass ${number(passId)} moved to place ${to + 1}`,
        send: async () => {
          const body = { passId, to, repair };
          const answer = await client.POST("/api/pieces/{piece}/moves", { params, body });
          return got<Verdict>(answer);
        },
        also: () => ({}),
      }),
    /** Set a pass of one's own in after another. */
    setIn: (kind: string, words: string, masses: string[], after: string) =>
      ask.mutate({
        words: `“${words}” after pass ${number(after)}`,
        send: async () => {
          const body = { kind, masses, after };
          const answer = await client.POST("/api/pieces/{piece}/own-passes", { params, body });
          return got<Verdict>(answer);
        },
        also: (verdict) => ({ ownPasses: verdict.own ? [...own, verdict.own] : own }),
      }),
    leaveOut: (id: string) =>
      ask.mutate({
        words: `The plan without pass ${number(id)}`,
        send: async () => {
          const at = { path: { piece: piece.id, pass_id: id } };
          const path = "/api/pieces/{piece}/passes/{pass_id}/leaving-out";
          return got<Verdict>(await client.POST(path, { params: at }));
        },
        also: () =>
          own.some((one) => one.id === id)
            ? { ownPasses: own.filter((one) => one.id !== id) }
            : { dropped: [...(piece.settings.dropped ?? []), id] },
      }),
    keep: (order: string[]) => {
      const also = ask.data && ask.variables ? ask.variables.also(ask.data) : {};
      changes.edit.mutate({ order, ...also });
      ask.reset();
    },
    forget: ask.reset,
  };
}

interface Props {
  move: ReturnType<typeof useMove>;
  plan: Plan;
}

/** The answer: fine, or what breaks for which masses and why. */
export function MoveNote({ move, plan }: Props) {
  const { asked, verdict } = move;
  if (!asked || !verdict)
    return move.problem ? <p className={classes.answer}>{move.problem.message}</p> : null;
  return (
    <div className={classes.answer} role="status">
      {verdict.fine ? (
        <p>
          <b>{asked.words}: fine.</b> {price(plan, verdict)}{" "}
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
            <b>{asked.words} breaks:</b>{" "}
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
  const told = parts.filter((part) => part !== null).join(", ");
  return told ? `${told}.` : "";
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
