import { Group, Toggle } from "@mantine/core";
import { useState } from "react";
import type { Prepared } from "../api/client";
import { Act } from "../parts/Act";
import type { Place } from "../parts/line";
import { length } from "./arrangement";
import { measuresBetween, onSheet } from "./measures";
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
  const lines = [
    {
      what: "Horizon",
      figure: horizon
        ? `${say(topCm + horizon.leftCm)} from the top on the left, ${say(topCm + horizon.rightCm)} on the right`
        : "none found",
    },
    { what: "Focus", figure: `${say(at.x)} from the left, ${say(at.y)} from the top` },
    ...measuresBetween(prepared, marks, say),
  ];
  return (
    <>
      <Group gap={14} mb={10}>
        <Toggle active={inches} onClick={() => setInches(!inches)}>
          inches
        </Toggle>
        {marks.length > 0 && <Act onClick={onClear}>clear the places</Act>}
      </Group>
      <dl className={classes.facts}>
        {lines.flatMap(({ what, figure }) => [
          <dt key={what}>{what}</dt>,
          <dd key={`${what}, figure`}>{figure}</dd>,
        ])}
      </dl>
      {marks.length === 0 && (
        <p>Touch two places: length and angle show here. A third gives a ratio.</p>
      )}
    </>
  );
}
