import { useIsMutating } from "@tanstack/react-query";
import type { CSSProperties, ReactNode } from "react";
import { Outlet, useOutletContext, useParams } from "react-router";
import type { Piece, Plan } from "../api/client";
import { useCatalogue, useChanges, useFreshOnFocus, usePiece } from "../api/hooks";
import { usePlan } from "../api/plan";
import { Act } from "../parts/Act";
import { Frame } from "../parts/Frame";
import { useKeys } from "../parts/keys";
import { ProblemNote } from "../parts/Problem";
import { Progress } from "../parts/Progress";
import { say } from "../words/say";
import { History } from "./History";

export interface Room {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

export const useRoom = () => useOutletContext<Room>();

/** A piece with its stages: loads it, has it worked out, and offers undo and redo everywhere. */
export function PieceRoom() {
  const { id = "" } = useParams();
  const piece = usePiece(id);
  const { plan, job, stop } = usePlan(id, piece.data?.revision);
  const changes = useChanges(id, piece.data?.revision ?? 0);
  useFreshOnFocus(id);
  const { undo, redo } = piece.data ?? {};
  useKeys({
    undo: (down) => down && undo && changes.undo.mutate(),
    redo: (down) => down && redo && changes.redo.mutate(),
  });
  const problem = piece.error ?? (plan.isFetching ? null : plan.error);
  const coming = !problem && !(piece.data && plan.data);
  const stages = piece.data
    ? [
        { at: "see", words: say("piece-room-see") },
        { at: "prepare", words: say("piece-room-prepare") },
        { at: "order", words: say("piece-room-order") },
        { at: "mix", words: say("piece-room-mix") },
        { at: "paint", words: say("piece-room-paint") },
        { at: "review", words: say("piece-room-review") },
      ]
    : [];
  return (
    <Frame
      name={piece.data?.name ?? "Washboard"}
      stages={stages.map(({ at, words }) => ({ to: `/pieces/${id}/${at}`, words }))}
      facts={
        piece.data && (
          <>
            <History
              undo={undo}
              redo={redo}
              onUndo={() => changes.undo.mutate()}
              onRedo={() => changes.redo.mutate()}
            />
            <Facts piece={piece.data} plan={plan.data} />
          </>
        )
      }
    >
      {problem && (
        <ProblemNote>
          {problem.message}{" "}
          {plan.error && <Act onClick={() => plan.refetch()}>{say("piece-room-try-again")}</Act>}
        </ProblemNote>
      )}
      <Main busy={plan.isFetching || coming} plan={plan.data}>
        <h1 className="unseen">{piece.data?.name}</h1>
        {piece.data && plan.data ? (
          <Outlet context={{ piece: piece.data, plan: plan.data, changes } satisfies Room} />
        ) : (
          !problem && <Progress piece={id} job={job} onStop={stop} />
        )}
      </Main>
    </Frame>
  );
}

/** What the piece's stage shows; busy until its plan is there, and again from each change until its new plan is. */
function Main({ busy, plan, children }: { busy: boolean; plan?: Plan; children: ReactNode }) {
  const changing = useIsMutating() > 0;
  const ratio = plan ? plan.view.width / plan.view.height : 1.5;
  return (
    <main aria-busy={busy || changing} style={{ "--ratio": ratio } as CSSProperties}>
      {children}
    </main>
  );
}

/** With what, on what and how large, in one line. */
function Facts({ piece, plan }: { piece: Piece; plan: Plan | undefined }) {
  const { medium, widthCm, heightCm } = piece.settings;
  const words = useCatalogue().data?.media.find((m) => m.key === medium)?.words;
  return (
    <span>
      {say("piece-room-facts", {
        medium: words ?? "…",
        surface: plan?.view.surface ?? "…",
        wide: widthCm,
        high: heightCm,
      })}
    </span>
  );
}
