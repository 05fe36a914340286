import { Box } from "@mantine/core";
import type { Plan } from "../api/client";
import { Caption } from "../parts/Caption";
import { FirstStep } from "../parts/FirstSteps";
import type { Place } from "../parts/line";
import { Lights } from "../parts/lit";
import columns from "../parts/parts.module.css";
import type { Tag } from "../parts/Tags";
import { minutes } from "../parts/time";
import { useRoom } from "../pieces/PieceRoom";
import { Rich, say } from "../words/say";
import { Actions } from "./Actions";
import { Below } from "./Below";
import { Edges } from "./Edges";
import { NameThings } from "./NameThings";
import { PassNote } from "./PassNote";
import { Stage } from "./Stage";
import { Toggles } from "./Toggles";
import { Tones } from "./Tones";
import { useHandDrawing } from "./useHandDrawing";
import { useOrder } from "./useOrder";

/** The Order stage: the picture after the selected pass, the washboard, the pass in words. */
export function Order() {
  return (
    <Lights>
      <Ordered />
    </Lights>
  );
}

function Ordered() {
  const room = useRoom();
  const { piece, plan, changes } = room;
  const at = useOrder(room);
  const passes = plan.document.passes;
  const done = passes[at.pass - 1];
  const hand = useHandDrawing(room);
  return (
    <div className={columns.columns}>
      <div>
        <Stage
          piece={piece}
          plan={plan}
          pass={at.pass}
          looking={at.looking}
          tags={at.part === "lights" ? whitesOf(plan) : []}
          onMass={at.setMass}
          onLine={at.placing.drawing ? at.placing.draw : hand.drawing ? hand.draw : undefined}
          outlines={at.placing.drawing === "outline"}
          place={at.placing.place ? closed(at.placing.place) : undefined}
          stretch={at.stretch}
          onStretch={at.setStretch}
        />
        <Caption>
          {done ? (
            <span>
              <Rich words={say("order-after-pass", { pass: at.pass, count: passes.length })} />
            </span>
          ) : (
            <b>{plan.document.toning ? say("order-ground") : say("order-bare-surface")}</b>
          )}
          <Toggles looking={at.looking} onToggle={at.toggle} onSquint={at.squint} />
        </Caption>
        {at.part === "masses" && <Tones {...{ piece, plan, changes }} mass={at.mass} />}
        <NameThings piece={piece} plan={plan} changes={changes}>
          <FirstStep piece={piece.id} here={["lights", "approach", "mix"]} />
        </NameThings>
        {done ? (
          <PassNote piece={piece} plan={plan} done={done} changes={changes} hand={hand}>
            <Edges
              {...{ piece, plan, done, changes }}
              chosen={at.stretch}
              onChoose={at.setStretch}
            />
          </PassNote>
        ) : (
          <Before plan={plan} />
        )}
      </div>
      <Box miw={0}>
        <Actions piece={piece} plan={plan} changes={changes} />
        <Below room={room} at={at} />
      </Box>
    </div>
  );
}

/** A place as it is drawn: an outline comes back to where it began. */
const closed = ({ points, outline }: { points: Place[]; outline: boolean }) =>
  outline && points[0] ? [...points, points[0]] : points;

/** A sign for each way to keep a white. */
const SIGNS: Record<string, string> = {
  reserve: "○",
  mask: "■",
  placeholder: "◌",
  "lift-wet": "↑",
  "lift-dry": "↑",
  "stencil-lift": "↑",
  scratch: "╱",
  sand: "∴",
  "opaque-white": "+",
};

/** The whites with their numbers in the list and a sign of how each is kept. */
function whitesOf(plan: Plan): Tag[] {
  return (plan.document.reserves ?? []).flatMap(({ mass, kind }, k) => {
    const [x, y] = plan.document.masses.find((m) => m.id === mass)?.inside ?? [];
    return x === undefined || y === undefined
      ? []
      : [{ x, y, text: `${k + 1} ${SIGNS[kind] ?? ""}` }];
  });
}

/** What is done before the first pass: the ground is laid, or nothing. */
function Before({ plan }: { plan: Plan }) {
  const { toning } = plan.document;
  return (
    <p>
      {toning
        ? say("order-toning", {
            what: toning.what,
            work: minutes(toning.minutes),
            wait: minutes(toning.wait),
          })
        : say("order-nothing-laid")}{" "}
      {say("order-press")}
    </p>
  );
}
