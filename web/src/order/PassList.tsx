import type { Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { waiting } from "../parts/time";
import { groupsOf, joined, split } from "./groups";
import type { useMove } from "./Move";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  pass: number;
  move: ReturnType<typeof useMove>;
  changes: ReturnType<typeof useChanges>;
  onPass: (pass: number) => void;
}

/** The passes in a row of lines, each to be chosen, or pinned where it is. */
export function PassList({ piece, plan, pass, move, changes, onPass }: Props) {
  const { toning, passes } = plan.document;
  const pins = piece.settings.pins ?? [];
  const pin = (id: string) =>
    changes.edit.mutate({
      pins: pins.includes(id) ? pins.filter((p) => p !== id) : [...pins, id],
    });
  const groups = groupsOf(plan);
  const share = (own: string[][]) => changes.edit.mutate({ groups: own });
  return (
    <ol className={classes.list}>
      {toning && (
        <li data-lit={pass === 0}>
          <button type="button" onClick={() => onPass(0)}>
            <span>0</span>
            <span>Tone first: {toning.title}</span>
            <span>
              {Math.round(toning.minutes)}′ + {Math.round(toning.wait)}′
            </span>
          </button>
        </li>
      )}
      {passes.map((done, k) => (
        <li key={done.id} data-lit={k + 1 === pass}>
          <button type="button" onClick={() => onPass(k + 1)}>
            <span>{k + 1}</span>
            <span>{done.title.split(": ")[0]}</span>
            <span>
              {Math.round(done.minutes)}′{waiting(done) ? ` + ${Math.round(waiting(done))}′` : ""}
            </span>
          </button>
          <button
            type="button"
            className={classes.pin}
            aria-pressed={pins.includes(done.id)}
            aria-label={`Pin pass ${k + 1}`}
            title="A pinned pass stays where it is when others are moved"
            onClick={() => pin(done.id)}
          >
            {pins.includes(done.id) ? "pinned" : "pin"}
          </button>
          <Share
            words="join"
            label={`Join pass ${k + 1} with the next`}
            to={joined(groups, k)}
            onShare={share}
          />
          <Share
            words="split"
            label={`Split pass ${k + 1} in two`}
            to={split(plan, groups, k)}
            onShare={share}
          />
          {k + 1 === pass && (
            <button
              type="button"
              className={classes.pin}
              aria-label={`Leave out pass ${k + 1}`}
              onClick={() => move.leaveOut(done.id)}
            >
              leave out
            </button>
          )}
        </li>
      ))}
      {piece.settings.groups && (
        <li>
          <button
            type="button"
            className="act"
            onClick={() => changes.edit.mutate({ groups: null })}
          >
            share the masses out as planned
          </button>
        </li>
      )}
    </ol>
  );
}

interface ShareProps {
  words: string;
  label: string;
  /** The masses of every pass then; null where that cannot be. */
  to: string[][] | null;
  onShare: (groups: string[][]) => void;
}

/** Another way to share the masses out to passes. */
function Share({ words, label, to, onShare }: ShareProps) {
  if (!to) return null;
  return (
    <button type="button" className={classes.pin} aria-label={label} onClick={() => onShare(to)}>
      {words}
    </button>
  );
}
