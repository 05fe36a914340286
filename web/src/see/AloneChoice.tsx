import { Meter } from "../parts/Meter";
import { ALL, type Alone } from "./alone";
import { bandName } from "./bands";
import classes from "./see.module.css";

interface Props {
  alone: Alone;
  bands: number;
  onAlone: (alone: Alone) => void;
}

const STEPS = [2, 3, 4, 5, 6, 7, 8, 9];

/** What is shown alone: lights, accents, what is pointed at, a band, or all that is darker than a value. */
export function AloneChoice({ alone, bands, onAlone }: Props) {
  const plain = [
    { words: "everything", to: ALL },
    { words: "the lights", to: { kind: "lights" } as Alone },
    { words: "the accents", to: { kind: "accents" } as Alone },
    { words: "the mass pointed at", to: { kind: "chosen" } as Alone },
  ];
  return (
    <div className={classes.alone} role="group" aria-label="Show alone">
      Show
      {plain.map(({ words, to }) => (
        <button
          key={words}
          type="button"
          aria-pressed={alone.kind === to.kind}
          onClick={() => onAlone(to)}
        >
          {words}
        </button>
      ))}
      <span>
        darker than{" "}
        <Meter
          label="Darker than"
          values={STEPS}
          value={alone.kind === "darker" ? alone.than : 0}
          onChange={(than) => onAlone({ kind: "darker", than })}
        />{" "}
        <b>{alone.kind === "darker" ? alone.than : ""}</b>
      </span>
      {alone.kind === "band" && <b>only {bandName(alone.band, bands)}</b>}
    </div>
  );
}
