import { useState } from "react";
import { type Mixture, useWays } from "../api/hooks";
import { css } from "../parts/colour";
import { ProblemNote } from "../parts/Problem";
import classes from "./mix.module.css";
import { partWords } from "./table";

interface Props {
  piece: string;
  mixture: Mixture;
  words: (paint: string) => string;
}

/** The mixture otherwise: at its value warmer, cooler, greyer; and corrected by what a test strip dried as. */
export function Ways({ piece, mixture, words }: Props) {
  const [value, setValue] = useState("");
  const [warmer, setWarmer] = useState(0);
  const at = useWays(piece, mixture, true);
  const judged = value !== "" && Number(value) >= 0 && Number(value) <= 10;
  const seen = { ...mixture, seenValue: Number(value), warmer };
  const mended = useWays(piece, seen, judged);
  const problem = at.error ?? mended.error;
  if (problem) return <ProblemNote>{problem.message}</ProblemNote>;
  return (
    <div className={classes.ways}>
      <h4>At the same value</h4>
      <ul>
        {(at.data ?? []).map((way) => (
          <Way key={way.words} way={way} words={words} />
        ))}
      </ul>
      <h4>
        <label>
          A test strip of it dried at value{" "}
          <input
            className="field"
            type="number"
            min={0}
            max={10}
            step={0.1}
            value={value}
            onChange={(event) => setValue(event.currentTarget.value)}
          />
        </label>
        <label>
          {" "}
          and looked{" "}
          <select
            className="field"
            value={warmer}
            onChange={(event) => setWarmer(Number(event.currentTarget.value))}
          >
            <option value={-1}>cooler</option>
            <option value={0}>as warm as meant</option>
            <option value={1}>warmer</option>
          </select>
        </label>
      </h4>
      {judged && (
        <ul>
          {(mended.data ?? []).map((way) => (
            <Way key={way.words} way={{ ...way, words: "so mix instead" }} words={words} />
          ))}
        </ul>
      )}
    </div>
  );
}

interface WayProps {
  way: {
    words: string;
    lab: number[];
    value: number;
    parts: { paint: string; parts: number }[];
    load: number;
  };
  words: (paint: string) => string;
}

function Way({ way, words }: WayProps) {
  return (
    <li>
      <span style={{ background: css(way.lab) }} />
      <b>{way.words}</b> <b>{way.value.toFixed(1)}</b>{" "}
      {way.parts.map((p) => `${partWords(p.parts)} ${words(p.paint)}`).join(" + ")}
    </li>
  );
}
