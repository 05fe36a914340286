import { Title } from "@mantine/core";
import { useState } from "react";
import type { Drill, DrillTold, Piece, Plan } from "../api/client";
import { Stage } from "../order/Stage";
import { Caption } from "../parts/Caption";
import { css } from "../parts/colour";
import { useKeys } from "../parts/keys";
import type { Tag } from "../parts/Tags";
import { say } from "../words/say";
import classes from "./drills.module.css";

interface Props {
  drill: Drill;
  piece: Piece;
  plan: Plan;
  told: DrillTold | undefined;
  chosen: number | null;
}

/** The picture that is asked about, with numbers at the places that are meant; below it why. */
export function Asked({ drill, piece, plan, told, chosen }: Props) {
  const [looking, setLooking] = useState({ values: false, reference: false });
  // Values would give the answer away before it is given.
  const free = told !== undefined || drill.kind === "next" || drill.kind === "breaks";
  useKeys({
    v: (down) => down && free && setLooking((now) => ({ ...now, values: !now.values })),
    r: (down) => down && setLooking((now) => ({ ...now, reference: !now.reference })),
  });
  return (
    <div>
      <Stage
        piece={piece}
        plan={plan}
        pass={drill.row}
        looking={{ ...looking, squint: false, outlines: false, where: false, hand: false }}
        tags={tagsOf(drill, plan)}
      />
      <Caption>
        <span>
          <b>{drill.pieceName}</b>{" "}
          {say(drill.row ? "drills-after-pass" : "drills-before", { pass: drill.row })}
        </span>
        <span className="quiet">{say(free ? "drills-keys" : "drills-keys-photo")}</span>
      </Caption>
      {drill.lab && (
        <div
          className={classes.colour}
          role="img"
          aria-label={say("drills-colour")}
          style={{ background: css(drill.lab) }}
        />
      )}
      {told && <Why told={told} chosen={chosen} />}
    </div>
  );
}

function Why({ told, chosen }: { told: DrillTold; chosen: number | null }) {
  return (
    <div aria-live="polite">
      <Title order={2}>{say(told.right ? "drills-right" : "drills-wrong")}</Title>
      <p>
        <b>{say("drills-why-this")}</b> {told.whys[told.option]}
      </p>
      {!told.right && chosen !== null && (
        <p>
          <b>{say("drills-why-not")}</b> {told.whys[chosen]}
        </p>
      )}
    </div>
  );
}

/** The numbers of the options that are places, and a sign on what is asked about. */
function tagsOf(drill: Drill, plan: Plan): Tag[] {
  const tags: Tag[] = drill.options.flatMap(({ place }, k) =>
    place ? [{ x: place[0], y: place[1], text: `${k + 1}` }] : [],
  );
  for (const mass of drill.masses) {
    const [x, y] = plan.document.masses.find((one) => one.id === mass)?.inside ?? [];
    if (x !== undefined && y !== undefined) tags.push({ x, y, text: "?" });
  }
  return tags;
}
