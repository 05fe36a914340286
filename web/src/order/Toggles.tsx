import classes from "./order.module.css";
import type { Looking } from "./Stage";

interface Props {
  looking: Looking;
  onToggle: (what: "values" | "reference" | "outlines") => void;
  onSquint: (on: boolean) => void;
}

/** Ways of looking at the picture, each with its key. */
export function Toggles({ looking, onToggle, onSquint }: Props) {
  const ways = [
    ["values", "V", "values only"],
    ["reference", "R", "reference"],
    ["outlines", "O", "outlines"],
  ] as const;
  return (
    <span className={classes.toggles}>
      {ways.map(([what, key, words]) => (
        <button
          key={what}
          type="button"
          aria-pressed={looking[what]}
          onClick={() => onToggle(what)}
        >
          <kbd>{key}</kbd> {words}
        </button>
      ))}
      <button
        type="button"
        aria-pressed={looking.squint}
        onPointerDown={() => onSquint(true)}
        onPointerUp={() => onSquint(false)}
        onPointerLeave={() => onSquint(false)}
        onKeyDown={(event) => event.key === " " && onSquint(true)}
        onKeyUp={(event) => event.key === " " && onSquint(false)}
      >
        <kbd>Q</kbd> squint
      </button>
    </span>
  );
}
