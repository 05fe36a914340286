import { useState } from "react";
import { useSearchParams } from "react-router";
import { usePrepare } from "../api/hooks";
import type { Place } from "../parts/line";
import { ProblemNote } from "../parts/Problem";
import { useRoom } from "../pieces/PieceRoom";
import { arrangementOf, directionOf, toReference, withAccent, withMove } from "./arrangement";
import { Composition } from "./Composition";
import { CropPicture } from "./CropPicture";
import { Grounds } from "./Grounds";
import { IntentForm } from "./IntentForm";
import { type Doing, PARTS } from "./looks";
import { Measures } from "./Measures";
import { Palette } from "./Palette";
import { PreparePicture } from "./PreparePicture";
import classes from "./prepare.module.css";
import { Transfer, usePrint } from "./Transfer";

const [DARK, LIGHT] = [1.5, 9.5];

/** The Prepare stage: everything settled before the first mark, beside the picture as it is arranged. */
export function Prepare() {
  const { piece, plan, changes } = useRoom();
  const [query, setQuery] = useSearchParams();
  const part = PARTS.find((p) => p === query.get("part")) ?? "ground";
  const found = usePrepare(piece.id, piece.revision);
  const [doing, setDoing] = useState<Doing>("look");
  const [thing, setThing] = useState<Place | null>(null);
  const [marks, setMarks] = useState<Place[]>([]);
  const print = usePrint(piece);
  const prepared = found.data;
  const act = (place: Place, by: Place) => {
    const at = toReference(plan.view, place);
    if (part === "measures") setMarks([...marks.slice(-3), place]);
    else if (doing === "light" && Math.hypot(by.x, by.y) > 0.02)
      changes.edit.mutate({ light: directionOf(plan.view, by) });
    else if (doing === "focus") changes.edit.mutate({ focus: at });
    else if (doing === "dark" || doing === "glint")
      changes.edit.mutate((now) => ({
        arrangement: withAccent(arrangementOf(now), at, doing === "dark" ? DARK : LIGHT),
      }));
    else if (doing === "move" && Math.hypot(by.x, by.y) <= 0.01) return setThing(at);
    else if (doing === "move") {
      const to = toReference(plan.view, { x: place.x + by.x, y: place.y + by.y });
      const move = { ...at, dx: to.x - at.x, dy: to.y - at.y };
      changes.edit.mutate((now) => ({ arrangement: withMove(arrangementOf(now), move) }));
    }
    if (doing !== "crop") setDoing("look");
  };
  return (
    <div className={classes.prepare} data-busy={found.isFetching}>
      <div>
        {doing === "crop" && part === "composition" ? (
          <CropPicture
            piece={piece}
            onCrop={(crop) =>
              changes.edit.mutate((now) => ({ arrangement: { ...arrangementOf(now), crop } }))
            }
          />
        ) : (
          <PreparePicture
            piece={piece}
            plan={plan}
            prepared={prepared}
            part={part}
            doing={part === "composition" ? doing : "look"}
            marks={part === "measures" ? marks : []}
            print={part === "transfer" ? print.url("svg") : null}
            onAct={act}
          />
        )}
        <p className={classes.caption}>
          <span>{captionOf(part, doing, prepared?.invented ?? 0)}</span>
          {prepared && (
            <span>
              {prepared.widthCm.toFixed(1)} × {prepared.heightCm.toFixed(1)} cm on the sheet
            </span>
          )}
        </p>
        {piece.settings.intent?.sentence && (
          <p className={classes.about}>About: {piece.settings.intent.sentence}</p>
        )}
      </div>
      <section className={classes.side} aria-busy={found.isFetching}>
        <div className={classes.parts} role="group" aria-label="What to settle">
          {PARTS.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={part === name}
              onClick={() => setQuery({ part: name }, { replace: true })}
            >
              {name}
            </button>
          ))}
        </div>
        {found.error && <ProblemNote>{found.error.message}</ProblemNote>}
        {!prepared && !found.error && <p>Weighing grounds and looking at the composition…</p>}
        {prepared && part === "ground" && (
          <Grounds piece={piece} prepared={prepared} changes={changes} />
        )}
        {prepared && part === "composition" && (
          <Composition
            piece={piece}
            prepared={prepared}
            view={plan.view}
            changes={changes}
            doing={doing}
            onDoing={(to) => {
              setDoing(to === doing ? "look" : to);
              setThing(null);
            }}
            thing={thing}
          />
        )}
        {prepared && part === "measures" && (
          <Measures prepared={prepared} marks={marks} onClear={() => setMarks([])} />
        )}
        {part === "transfer" && <Transfer print={print} piece={piece} />}
        {prepared && part === "palette" && (
          <Palette plan={plan} prepared={prepared} changes={changes} />
        )}
        {part === "intent" && <IntentForm piece={piece} plan={plan} changes={changes} />}
      </section>
    </div>
  );
}

function captionOf(part: string, doing: Doing, invented: number) {
  if (part === "measures") return "Touch places in the picture to measure between them";
  if (part === "transfer") return "The outline as it will be drawn";
  if (part === "composition" && doing !== "look")
    return {
      crop: "Drag a side of the frame: the whole reference shows",
      move: "Drag a thing to where it should stand, or touch it to scale it",
      dark: "Touch where a dark accent should stand",
      glint: "Touch where a light accent should stand",
      focus: "Touch the place that should lead",
      light: "Drag the way the light falls",
    }[doing];
  return invented > 0
    ? `The picture as arranged; ${(100 * invented).toFixed(1)} % of it is invented`
    : "The picture as it is arranged";
}
