import { Group } from "@mantine/core";
import { Act } from "../parts/Act";
import { Meter } from "../parts/Meter";
import type { Room } from "../pieces/PieceRoom";
import { say } from "../words/say";
import type { Look } from "./looks";
import type { Seeing } from "./useSee";

const SQUINTS = [0, 0.5, 1, 1.5, 2, 2.5, 3];
const METRES = [0, 1, 2, 4, 8, 16];
const BANDS = [2, 3, 4, 5, 6, 7, 8, 9];
const WITHOUT: readonly Look[] = ["areas", "windows", "reference"];

/** How far to squint, in how many bands, from how far away. */
export function Meters({ room, see }: { room: Room; see: Seeing }) {
  const { squint, bands, even } = room.piece.settings;
  const { edit } = room.changes;
  const { look, metres, setMetres, thresholds } = see;
  if (WITHOUT.includes(look)) return null;
  return (
    <Group gap="10 26" align="flex-end" pb="md">
      <span>
        {say("meters-squint")}{" "}
        <Meter
          label={say("meters-squint")}
          values={SQUINTS}
          value={squint}
          onChange={(s) => edit.mutate({ squint: s })}
        />{" "}
        <b>{squint}</b>
      </span>
      <span>
        {say("meters-bands")}{" "}
        <Meter
          label={say("meters-bands")}
          values={BANDS}
          value={bands}
          onChange={(b) => edit.mutate({ bands: b, thresholds: null })}
        />{" "}
        <b>{thresholds.length + 1}</b>
      </span>
      <Act onClick={() => edit.mutate({ even: !even, thresholds: null })}>
        {even ? say("meters-find-bands-picture") : say("meters-space-them-evenly")}
      </Act>
      {look === "values" && (
        <span>
          {say("meters-from")}{" "}
          <Meter
            label={say("meters-metres-away")}
            values={METRES}
            value={metres}
            onChange={setMetres}
          />{" "}
          <b>{metres ? say("meters-away", { metres }) : say("meters-near")}</b>
        </span>
      )}
    </Group>
  );
}
