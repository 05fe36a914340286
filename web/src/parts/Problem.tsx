import type { ReactNode } from "react";
import classes from "./parts.module.css";

interface Props {
  children: ReactNode;
  onClose?: () => void;
}

/** What went wrong, what was kept, what to do; closed by hand. */
export function ProblemNote({ children, onClose }: Props) {
  return (
    <div className={classes.problem} role="alert">
      <span className={classes.diamond} />
      <p>{children}</p>
      {onClose && (
        <button type="button" className="act" onClick={onClose}>
          Close
        </button>
      )}
    </div>
  );
}
