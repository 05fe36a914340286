import { Outlet, useOutletContext, useParams } from "react-router";
import type { Piece, Plan } from "../api/client";
import { useCatalogue, useChanges, useFreshOnFocus, usePiece, usePlan } from "../api/hooks";
import { Frame } from "../parts/Frame";
import { useKeys } from "../parts/keys";
import { ProblemNote } from "../parts/Problem";
import { Progress } from "../parts/Progress";
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
  const catalogue = useCatalogue();
  useFreshOnFocus(id);
  useKeys({
    undo: (down) => down && piece.data?.undo && changes.undo.mutate(),
    redo: (down) => down && piece.data?.redo && changes.redo.mutate(),
  });
  const settings = piece.data?.settings;
  const medium = catalogue.data?.media.find((m) => m.key === settings?.medium)?.words;
  const surface = plan.data?.document.surface;
  const tone = surface?.words.match(/^[#v]/)
    ? `a tone of value ${surface.value.toFixed(1)}`
    : surface?.words;
  const facts =
    settings && `${medium} on ${tone ?? "…"}, ${settings.widthCm} × ${settings.heightCm} cm`;
  const problem = changes.problem ?? piece.error ?? (plan.isFetching ? null : plan.error);
  const stages = piece.data ? ["See", "Prepare", "Order", "Mix"] : [];
  return (
    <Frame
      name={piece.data?.name ?? "Washboard"}
      stages={stages.map((words) => ({ to: `/pieces/${id}/${words.toLowerCase()}`, words }))}
      facts={
        <>
          {piece.data && <History piece={piece.data} changes={changes} />}
          <span>{facts}</span>
        </>
      }
    >
      {problem && (
        <ProblemNote onClose={changes.problem ? changes.forget : undefined}>
          {problem.message}{" "}
          {plan.error && (
            <button type="button" className="act" onClick={() => plan.refetch()}>
              Try again
            </button>
          )}
        </ProblemNote>
      )}
      <main aria-busy={plan.isFetching}>
        <h1 className="unseen">{piece.data?.name}</h1>
        {piece.data && plan.data ? (
          <Outlet context={{ piece: piece.data, plan: plan.data, changes } satisfies Room} />
        ) : (
          !problem && <Progress job={job} onStop={stop} />
        )}
      </main>
    </Frame>
  );
}
