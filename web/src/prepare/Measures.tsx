import { useState } from "react";
import type { Prepared } from "../api/client";
import type { Place } from "../parts/line";
import { length } from "./arrangement";
import { onSheet, told } from "./measures";
import classes from "./prepare.module.css";

interface Props {
  prepared: Prepared;
  marks: Place[];
  onClear: () => void;
}

/** Where things lie on the sheet, in cm from its edges; between touched places: length, angle, ratio. */
export function Measures({ prepared, marks, onClear }: Props) {
  const [inches, setInches] = useState(false);
  const say = (cm: number) => length(cm, inches);
  const { horizon, focus, topCm } = prepared;
  const at = onSheet(prepared, focus);
  const given = told(prepared, marks, say);
  return (
    <>
      <p className={classes.acts}>
        <button type="button" aria-pressed={inches} onClick={() => setInches(!inches)}>
          inches
        </button>
        {marks.length > 0 && (
          <button type="button" onClick={onClear}>
            clear the places
          </button>
        )}
      </p>
      <dl className={classes.facts}>
        <dt>Horizon</dt>
        <dd>
          {horizon
            ? `${say(topCm + horizon.leftCm)} from the top on the left, ${say(topCm + horizon.rightCm)} on the right`
            : "none found"}
        </dd>
        <dt>Focus</dt>
        <dd>
          {say(at.x)} from the left, {say(at.y)} from the top
        </dd>
        {given.map(({ what, figure }) => (
          <div key={what} className={classes.pair}>
            <dt>{what}</dt>
            <dd>{figure}</dd>
          </div>
        ))}
      </dl>
      {marks.length === 0 && (
        <p>Touch two places: length and angle show here. A third gives a ratio.</p>
      )}
    </>
  );
}
