import type { Piece, Plan } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

/** The school and how to change it, the number of passes, the export. */
export function Actions({ piece, plan, changes }: Props) {
  const schools = useCatalogue().data?.schools ?? [];
  const { document } = plan;
  const others = schools.filter(({ key }) => key !== document.school);
  const words = schools.find(({ key }) => key === document.school)?.words;
  const count = document.passes.length;
  const pin = (passes: number) => changes.edit.mutate({ passes });
  return (
    <div className={classes.actions}>
      <p title={document.schoolReason}>
        <b>{words}</b>{" "}
        {others.map(({ key, words: other }) => (
          <button
            key={key}
            type="button"
            className="act"
            onClick={() => changes.edit.mutate({ school: key })}
          >
            try {other.toLowerCase()}
          </button>
        ))}
      </p>
      <p>
        {count} passes{" "}
        <button type="button" className="act" disabled={count <= 1} onClick={() => pin(count - 1)}>
          one fewer
        </button>{" "}
        <button type="button" className="act" disabled={count >= 9} onClick={() => pin(count + 1)}>
          one more
        </button>
      </p>
      <p>
        <a href={`/api/pieces/${piece.id}/export`} download>
          export the plan
        </a>
      </p>
    </div>
  );
}
