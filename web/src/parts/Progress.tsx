import type { Job } from "../api/client";
import classes from "./parts.module.css";

interface Props {
  job: Job | null;
  onStop: () => void;
}

/** Real progress of a computation, and a way to stop it. */
export function Progress({ job, onStop }: Props) {
  const done = Math.round(100 * (job?.done ?? 0));
  return (
    <div className={classes.progress}>
      <h2>Working the piece out</h2>
      <div
        className={classes.bar}
        role="progressbar"
        aria-valuenow={done}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-label="Progress"
      >
        <span style={{ width: `${done}%` }} />
      </div>
      <p>
        {job?.stage ?? "waiting"}, {done} %.{" "}
        <button type="button" className="act" onClick={onStop}>
          Stop
        </button>
      </p>
    </div>
  );
}
