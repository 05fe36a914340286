import type { Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

/** The school, the number of passes, and the plan to take along. */
export function Actions({ piece, plan, changes }: Props) {
  const { document } = plan;
  const count = document.passes.length;
  // Masks, tones and accents come besides: what is pinned are the passes over shapes.
  const shapes = document.shapes || count;
  const pin = (passes: number) => changes.edit.mutate({ passes });
  return (
    <div className={classes.actions}>
      <p title={document.schoolReason}>
        <b>{plan.view.school}</b>
      </p>
      <p>
        {count} passes{" "}
        <button
          type="button"
          className="act"
          disabled={shapes <= 1}
          onClick={() => pin(shapes - 1)}
        >
          one fewer
        </button>{" "}
        <button
          type="button"
          className="act"
          disabled={shapes >= 9}
          onClick={() => pin(shapes + 1)}
        >
          one more
        </button>
        {(document.ties?.length ?? 0) > 0 && (
          <span className="quiet"> · {document.ties?.join(" or ")} as good</span>
        )}
      </p>
      <p>
        <a href={`/api/pieces/${piece.id}/cards.pdf`} download={`${piece.name} cards.pdf`}>
          pass cards
        </a>{" "}
        <a
          href={`/api/pieces/${piece.id}/cards.pdf?sheet=true`}
          download={`${piece.name} plan.pdf`}
        >
          one sheet
        </a>{" "}
        <a href={`/api/pieces/${piece.id}/export`} download>
          export
        </a>
      </p>
    </div>
  );
}
