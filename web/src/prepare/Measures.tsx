import { Group, Toggle } from "@mantine/core";
import { useState } from "react";
import type { Prepared } from "../api/client";
import { Act } from "../parts/Act";
import type { Place } from "../parts/line";
import { say } from "../words/say";
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
  const told = (cm: number) => length(cm, inches);
  const { horizon, focus, topCm } = prepared;
  const at = onSheet(prepared, focus);
  const lines = [
    {
      what: say("measures-horizon"),
      figure: horizon
        ? say("measures-top-left-right", {
            topCm: told(topCm + horizon.leftCm),
            topCm2: told(topCm + horizon.rightCm),
          })
        : say("measures-none-found"),
    },
    {
      what: say("measures-focus"),
      figure: say("measures-left-top", { x: told(at.x), y: told(at.y) }),
    },
    ...measuresBetween(prepared, marks, told),
  ];
  return (
    <>
      <Group gap={14} mb={10}>
        <Toggle active={inches} onClick={() => setInches(!inches)}>
          {say("measures-inches")}
        </Toggle>
        {marks.length > 0 && <Act onClick={onClear}>{say("measures-clear-places")}</Act>}
      </Group>
      <dl className={classes.facts}>
        {lines.flatMap(({ what, figure }) => [
          <dt key={what}>{what}</dt>,
          <dd key={say("measures-figure", { what })}>{figure}</dd>,
        ])}
      </dl>
      {marks.length === 0 && <p>{say("measures-touch-two-places")}</p>}
    </>
  );
}
