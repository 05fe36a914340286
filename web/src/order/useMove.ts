import { useMutation } from "@tanstack/react-query";
import type { Piece, PieceUpdate, Plan, Verdict } from "../api/client";
import { client, got } from "../api/client";
import type { useChanges } from "../api/hooks";
import { say } from "../words/say";

interface Asked {
  /** What is tried, in words: "Pass 3 moved to place 1". */
  words: string;
  send: () => Promise<Verdict>;
  /** What is set besides the order when the answer is kept. */
  also: (verdict: Verdict) => Partial<PieceUpdate>;
}

/** What a pass of one's own goes on: whole masses, or a place drawn through points of the reference. */
export type On =
  | { masses: string[]; widthMm: 0 }
  | { masses: []; points: [number, number][]; widthMm: number };

/** Ask what another order of passes comes to: one moved, set in or left out. */
export function useMove(piece: Piece, plan: Plan, changes: ReturnType<typeof useChanges>) {
  const ask = useMutation({ mutationFn: (asked: Asked) => asked.send() });
  const params = { path: { piece: piece.id } };
  const own = piece.settings.ownPasses ?? [];
  const number = (id: string) => plan.document.passes.findIndex((p) => p.id === id) + 1;
  return {
    asked: ask.variables,
    verdict: ask.data,
    /** While a pass is dragged, and with `repair` when it is dropped. */
    drag: (passId: string, to: number, repair: boolean) =>
      ask.mutate({
        words: say("use-move-pass-moved-place", { pass: number(passId), place: to + 1 }),
        send: async () => {
          const body = { passId, to, repair };
          const answer = await client.POST("/api/pieces/{piece}/moves", { params, body });
          return got<Verdict>(answer);
        },
        also: () => ({}),
      }),
    /** Set a pass of one's own in after another. */
    setIn: (kind: string, words: string, on: On, after: string) =>
      ask.mutate({
        words: say("use-move-after-pass", { act: words, pass: number(after) }),
        send: async () => {
          const body = { kind, ...on, after };
          const answer = await client.POST("/api/pieces/{piece}/own-passes", { params, body });
          return got<Verdict>(answer);
        },
        also: (verdict) => ({ ownPasses: verdict.own ? [...own, verdict.own] : own }),
      }),
    leaveOut: (id: string) =>
      ask.mutate({
        words: say("use-move-plan-without-pass", { pass: number(id) }),
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

export type Move = ReturnType<typeof useMove>;
