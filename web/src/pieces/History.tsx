import type { Piece } from "../api/client";
import type { useChanges } from "../api/hooks";

interface Props {
  piece: Piece;
  changes: ReturnType<typeof useChanges>;
}

/** Undo and redo of the piece's one history, the same in every stage. */
export function History({ piece, changes }: Props) {
  const ways = [
    { words: "undo", what: piece.undo, go: changes.undo },
    { words: "redo", what: piece.redo, go: changes.redo },
  ];
  return (
    <span>
      {ways.map(({ words, what, go }) => (
        <span key={words}>
          <button
            type="button"
            className="act"
            disabled={!what}
            title={what ? `${words}: ${what}` : `Nothing to ${words}`}
            onClick={() => go.mutate()}
          >
            {words}
          </button>{" "}
        </span>
      ))}
    </span>
  );
}
