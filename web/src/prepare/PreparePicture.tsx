import { type PointerEvent, useRef, useState } from "react";
import type { Piece, Plan, Prepared } from "../api/client";
import { shownUrl, useLabels } from "../api/hooks";
import { labelAt } from "../parts/labels";
import type { Place } from "../parts/line";
import layers from "../parts/parts.module.css";
import { say } from "../words/say";
import { toReference } from "./arrangement";
import { Ghost } from "./Ghost";
import type { Doing, Part } from "./looks";
import { type Relight, relitUrl } from "./NewLight";
import { Overlay } from "./Overlay";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  prepared: Prepared | undefined;
  part: Part;
  doing: Doing;
  marks: Place[];
  /** The outline to lay over, in the transfer part. */
  print: string | null;
  /** A light that is tried, not yet taken. */
  trial: Relight | null;
  onAct: (place: Place, by: Place) => void;
}

/** The picture as it is arranged, with what the part at hand has found drawn over it. */
export function PreparePicture(props: Props) {
  const { piece, plan, prepared, part, doing, marks, print, trial, onAct } = props;
  const { width, height } = plan.view;
  const picture = useRef<HTMLImageElement>(null);
  const labels = useLabels(piece.id, plan, "areas");
  const [from, setFrom] = useState<Place | null>(null);
  const [by, setBy] = useState<Place>({ x: 0, y: 0 });
  const place = (event: PointerEvent): Place => {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: Math.min(1, Math.max(0, (event.clientX - box.left) / box.width)),
      y: Math.min(1, Math.max(0, (event.clientY - box.top) / box.height)),
    };
  };
  const label =
    from && doing === "move" ? labelAt(plan.view, labels, toReference(plan.view, from)) : 0;
  return (
    <div
      className={`${layers.layers} ${classes.clip}`}
      data-doing={part === "measures" ? "measure" : doing}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setFrom(place(event));
        setBy({ x: 0, y: 0 });
      }}
      onPointerMove={(event) => {
        if (!from) return;
        const to = place(event);
        setBy({ x: to.x - from.x, y: to.y - from.y });
      }}
      onPointerUp={() => {
        if (from) onAct(from, by);
        setFrom(null);
      }}
      onPointerCancel={() => setFrom(null)}
    >
      <img
        ref={picture}
        src={trial ? relitUrl(piece, trial) : shownUrl(piece.id, plan, "picture")}
        width={width}
        height={height}
        alt={say(trial ? "prepare-picture-in-new-light" : "prepare-picture-piece-arranged")}
        draggable={false}
      />
      {print && (
        <img
          className={classes.print}
          src={print}
          alt={say("prepare-picture-outline")}
          draggable={false}
        />
      )}
      {from && label > 0 && labels && picture.current && (
        <Ghost
          picture={picture.current}
          plan={plan}
          isOwn={(at) => labelAt(plan.view, labels, toReference(plan.view, at)) === label}
          by={by}
        />
      )}
      {prepared && <Overlay prepared={prepared} part={part} marks={marks} />}
    </div>
  );
}
