import { useCallback, useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { shownUrl, useBytes } from "../api/hooks";
import { useKeys } from "../parts/keys";
import { Meter } from "../parts/Meter";
import { SceneDrawing } from "../parts/SceneDrawing";
import { useRoom } from "../pieces/PieceRoom";
import { AloneChoice } from "./AloneChoice";
import { AreaList } from "./AreaList";
import { AreaPicture } from "./AreaPicture";
import { ALL, type Alone, shownOf } from "./alone";
import { banded, useGreys, useShares } from "./bands";
import { Ladder } from "./Ladder";
import { LOOKS, type Look } from "./looks";
import { MassNote } from "./MassNote";
import { PhotoNote } from "./PhotoNote";
import { PhotoPicture } from "./PhotoPicture";
import { SeePicture } from "./SeePicture";
import classes from "./see.module.css";
import { useDrawing } from "./useDrawing";
import { usePhotos } from "./usePhotos";
import { useWindows } from "./useWindows";
import { WindowsNote } from "./WindowsNote";
import { WindowsPicture } from "./WindowsPicture";

const SQUINTS = [0, 0.5, 1, 1.5, 2, 2.5, 3];
const METRES = [0, 1, 2, 4, 8, 16];
const BANDS = [2, 3, 4, 5, 6, 7, 8, 9];
const WORDS = {
  reference: "As photographed",
  values: "Values only",
  bands: "In bands",
  masses: "In masses",
  areas: "In areas",
  edges: "Edges alone",
  windows: "Two windows",
};

/** The See stage: the reference and its values, squint, the ladder with its bands, the masses. */
export function See() {
  const { piece, plan, changes } = useRoom();
  const [query, setQuery] = useSearchParams();
  const look = LOOKS.find((l) => l === query.get("look")) ?? "bands";
  const setLook = (to: Look) => setQuery({ look: to }, { replace: true });
  const [mass, setMass] = useState<string | null>(null);
  const { area, setArea, way, take, first, draw } = useDrawing(changes);
  const photos = usePhotos(piece, changes);
  const [held, setHeld] = useState(false);
  const [alone, setAlone] = useState<Alone>(ALL);
  const [metres, setMetres] = useState(0);
  const [lining, setLining] = useState(false);
  const windows = useWindows(piece, look === "windows");
  const [dragged, setDragged] = useState<number[] | null>(null);
  const thresholds = dragged ?? plan.view.thresholds;
  const { squint, bands } = piece.settings;
  const strength = (look === "values" || look === "reference") && !held ? 0 : held ? 2 : squint;
  const values = useBytes(
    shownUrl(piece.id, plan, "values", far(metres, look) ?? `&squint=${strength}`),
  );
  const greys = useGreys();
  const table = useMemo(() => banded(thresholds, greys), [thresholds, greys]);
  const shown = useMemo(
    () => shownOf(alone, plan, thresholds, mass),
    [alone, plan, thresholds, mass],
  );
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
    band: (_, digit) => setAlone(digit && digit <= thresholds.length + 1 ? bandAt(digit) : ALL),
    ArrowUp: (down) => down && step(-1),
    ArrowDown: (down) => down && step(1),
  });
  const drop = useCallback(
    (to: number[]) => {
      changes.edit.mutate({ thresholds: to }, { onSettled: () => setDragged(null) });
    },
    [changes.edit],
  );
  const pointed = plan.document.masses.find((m) => m.id === mass) ?? null;
  return (
    <div className={classes.see}>
      <div>
        {look === "areas" && !held ? (
          <AreaPicture
            piece={piece}
            plan={plan}
            area={area}
            onArea={setArea}
            first={first}
            onStroke={draw}
          />
        ) : look === "reference" && !held ? (
          piece.reference ? (
            <PhotoPicture piece={piece} plan={plan} photos={photos} values={values.data} />
          ) : (
            <SceneDrawing
              shapes={piece.shapes ?? []}
              aspect={(plan.view.areaWidth ?? 1) / (plan.view.areaHeight ?? 1)}
              ground={plan.document.surface.value}
              onShapes={(shapes) => shapes.length && changes.edit.mutate({ shapes })}
            />
          )
        ) : look === "windows" ? (
          <WindowsPicture piece={piece} plan={plan} by={windows} lining={lining} />
        ) : (
          <SeePicture
            piece={piece}
            plan={plan}
            look={held ? "values" : look}
            values={values.data}
            table={look === "bands" && !held ? table : null}
            mass={mass}
            shown={shown}
            onMass={setMass}
          />
        )}
        <div className={classes.caption}>
          <span>
            <b>{held ? "Squinted at" : WORDS[look]}</b>
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
        <div
          className={classes.meters}
          hidden={look === "areas" || look === "windows" || look === "reference"}
        >
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
          {look === "values" && (
            <span>
              From <Meter label="Metres away" values={METRES} value={metres} onChange={setMetres} />{" "}
              <b>{metres ? `${metres} m` : "near"}</b>
            </span>
          )}
        </div>
        {ALONE.includes(look) && (
          <AloneChoice alone={alone} bands={thresholds.length + 1} onAlone={setAlone} />
        )}
        {look === "areas" ? (
          <AreaList
            piece={piece}
            plan={plan}
            area={area}
            changes={changes}
            way={way}
            half={first !== null}
            onArea={setArea}
            onWay={take}
          />
        ) : look === "reference" ? (
          piece.reference && (
            <PhotoNote piece={piece} plan={plan} photos={photos} changes={changes} />
          )
        ) : pointed ? (
          <MassNote key={pointed.id} mass={pointed} piece={piece} plan={plan} changes={changes} />
        ) : (
          <p>
            <b>{plan.document.masses.length} masses.</b> Point at a mass, or press ↓, for its
            measures.
          </p>
        )}
      </div>
      {look === "windows" ? (
        <WindowsNote
          by={windows}
          bands={thresholds.length + 1}
          lining={lining}
          onLining={() => setLining(!lining)}
        />
      ) : (
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
      )}
    </div>
  );
}

const ALONE: readonly Look[] = ["values", "bands", "masses"];
const bandAt = (digit: number): Alone => ({ kind: "band", band: digit - 1 });
const far = (metres: number, look: Look) =>
  metres && look === "values" ? `&metres=${metres}` : undefined;
