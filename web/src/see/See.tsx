import { useCallback, useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { useBytes } from "../api/hooks";
import { useKeys } from "../parts/keys";
import { Meter } from "../parts/Meter";
import { useRoom } from "../pieces/PieceRoom";
import { AreaList } from "./AreaList";
import { AreaPicture } from "./AreaPicture";
import { banded, useGreys, useShares } from "./bands";
import { Ladder } from "./Ladder";
import { LOOKS, type Look } from "./looks";
import { MassNote } from "./MassNote";
import { SeePicture } from "./SeePicture";
import classes from "./see.module.css";
import { useDrawing } from "./useDrawing";

const SQUINTS = [0, 0.5, 1, 1.5, 2, 2.5, 3];
const BANDS = [2, 3, 4, 5, 6, 7, 8, 9];
const WORDS = {
  reference: "as photographed",
  values: "values only",
  bands: "in bands",
  masses: "in masses",
  areas: "in areas",
};

/** The See stage: the reference and its values, squint, the ladder with its bands, the masses. */
export function See() {
  const { piece, plan, changes } = useRoom();
  const [query, setQuery] = useSearchParams();
  const look = LOOKS.find((l) => l === query.get("look")) ?? "bands";
  const setLook = (to: Look) => setQuery({ look: to }, { replace: true });
  const [mass, setMass] = useState<string | null>(null);
  const { area, setArea, split, toggleSplit, draw } = useDrawing(piece, changes);
  const [held, setHeld] = useState(false);
  const [dragged, setDragged] = useState<number[] | null>(null);
  const thresholds = dragged ?? plan.view.thresholds;
  const { squint, bands } = piece.settings;
  const hash = piece.reference?.hash;
  const strength = look === "values" && !held ? 0 : held ? 2 : squint;
  const values = useBytes(hash ? `/api/references/${hash}/values?squint=${strength}` : null);
  const greys = useGreys();
  const table = useMemo(() => banded(thresholds, greys), [thresholds, greys]);
  const shares = useShares(plan.view.histogram, thresholds);
  const step = (by: number) => {
    const things = look === "areas" ? (plan.view.areas ?? []) : plan.document.masses;
    const order = things.map((thing) => thing.id);
    const at = order.indexOf((look === "areas" ? area : mass) ?? "");
    const next = order[(at + by + order.length) % order.length] ?? null;
    if (look === "areas") setArea(next);
    else setMass(next);
  };
  useKeys({
    q: setHeld,
    v: () => setLook(look === "values" ? "bands" : "values"),
    r: () => setLook(look === "reference" ? "bands" : "reference"),
    o: () => setLook(look === "masses" ? "bands" : "masses"),
    ArrowUp: (down) => down && step(-1),
    ArrowDown: (down) => down && step(1),
  });
  const drop = useCallback(
    (to: number[]) => {
      changes.edit.mutate({ thresholds: to }, { onSettled: () => setDragged(null) });
    },
    [changes.edit],
  );
  const shown = plan.document.masses.find((m) => m.id === mass) ?? null;
  return (
    <div className={classes.see}>
      <div>
        {look === "areas" && !held ? (
          <AreaPicture
            piece={piece}
            plan={plan}
            area={area}
            onArea={setArea}
            first={split.first}
            onStroke={draw}
          />
        ) : (
          <SeePicture
            piece={piece}
            plan={plan}
            look={held ? "values" : look}
            values={values.data}
            table={look === "bands" && !held ? table : null}
            mass={mass}
            onMass={setMass}
          />
        )}
        <div className={classes.caption}>
          <span>
            The reference <b>{held ? "squinted at" : WORDS[look]}</b>
          </span>
          <span className={classes.looks} role="group" aria-label="How to look">
            {LOOKS.map((name) => (
              <button
                key={name}
                type="button"
                aria-pressed={look === name}
                onClick={() => setLook(name)}
              >
                {name}
              </button>
            ))}
          </span>
        </div>
        <div className={classes.meters} hidden={look === "areas"}>
          <span>
            Squint{" "}
            <Meter
              label="Squint"
              values={SQUINTS}
              value={squint}
              onChange={(s) => changes.edit.mutate({ squint: s })}
            />{" "}
            <b>{squint}</b>
          </span>
          <span>
            Bands{" "}
            <Meter
              label="Bands"
              values={BANDS}
              value={bands}
              onChange={(b) => changes.edit.mutate({ bands: b, thresholds: null })}
            />{" "}
            <b>{thresholds.length + 1}</b>
          </span>
          <button
            type="button"
            className="act"
            onClick={() => changes.edit.mutate({ even: !piece.settings.even, thresholds: null })}
          >
            {piece.settings.even ? "find the bands in the picture" : "space them evenly"}
          </button>
        </div>
        {look === "areas" ? (
          <AreaList
            piece={piece}
            plan={plan}
            area={area}
            changes={changes}
            splitting={split.on}
            half={split.first !== null}
            onArea={setArea}
            onSplit={toggleSplit}
          />
        ) : shown ? (
          <MassNote key={shown.id} mass={shown} piece={piece} plan={plan} changes={changes} />
        ) : (
          <Photo view={plan.view} count={plan.document.masses.length} />
        )}
      </div>
      <Ladder
        plan={plan}
        thresholds={thresholds}
        shares={shares}
        mass={mass}
        area={look === "areas" ? area : null}
        onMass={setMass}
        onArea={setArea}
        onDrag={setDragged}
        onDrop={drop}
      />
    </div>
  );
}

function Photo({ view, count }: { view: { crushed: number; blown: number }; count: number }) {
  const percent = (share: number) => `${(100 * share).toFixed(share < 0.01 ? 2 : 1)} %`;
  return (
    <p>
      <b>{count} masses.</b> The photo has {percent(view.blown)} blown lights and{" "}
      {percent(view.crushed)} crushed darks. Point at a mass, or press ↓, for its measures.
    </p>
  );
}
