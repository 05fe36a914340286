import { useState } from "react";
import type { Area, AreaWords, Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { shortName } from "../parts/masses";
import { Naming } from "../parts/Naming";
import { percent } from "../parts/percent";
import { placed, withFamily, withHalves, withJoin, withName, wordsOf } from "./areas";
import classes from "./see.module.css";
import { WAYS, type Way } from "./useDrawing";

interface Props {
  piece: Piece;
  plan: Plan;
  area: string | null;
  changes: ReturnType<typeof useChanges>;
  way: Way;
  /** Whether the first side of a split is drawn. */
  half: boolean;
  onArea: (area: string | null) => void;
  onWay: (way: Way) => void;
}

const WORDS = { over: "draw over", round: "outline", join: "join", split: "split" };
const HOW = {
  over: "Draw over a thing to make it one area.",
  round: "Draw roughly round a thing; it snaps to the edge.",
  join: "Draw across the areas that are one thing.",
  split: "Draw along one of the two things.",
};
const FAMILIES = ["light", "shadow"] as const;

/** The areas from far to near: chosen, named, put in order, given to light or shadow. */
export function AreaList(props: Props) {
  const { piece, plan, area, changes, way, half, onArea, onWay } = props;
  const areas = plan.view.areas ?? [];
  const words = wordsOf(piece);
  const edit = (to: AreaWords) => changes.edit.mutate({ areas: to });
  const shown = areas.find((a) => a.id === area);
  const [over, setOver] = useState<number | null>(null);
  return (
    <section>
      <p className={classes.head}>
        <b>Areas, far to near</b>
        <span className={classes.ways} role="group" aria-label="What a line means">
          {WAYS.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={way === name}
              onClick={() => onWay(way === name ? "over" : name)}
            >
              {WORDS[name]}
            </button>
          ))}
        </span>
      </p>
      <p aria-live="polite">{half ? "Now along the other." : HOW[way]}</p>
      <div className={classes.chosen}>
        {shown ? (
          <Chosen key={shown.id} area={shown} areas={areas} words={words} onEdit={edit} />
        ) : (
          <p>Choose an area to name it; drag it in the list to where it lies, far to near.</p>
        )}
      </div>
      <ol className={classes.areas}>
        {areas.map((own, k) => (
          <li
            key={own.id}
            data-lit={own.id === area}
            data-under={over === k}
            draggable
            onDragStart={(event) => {
              event.dataTransfer.setData("text/plain", own.id);
              event.dataTransfer.effectAllowed = "move";
            }}
            onDragOver={(event) => {
              event.preventDefault();
              setOver(k);
            }}
            onDragLeave={() => setOver(null)}
            onDrop={(event) => {
              event.preventDefault();
              setOver(null);
              edit(placed(words, areas, event.dataTransfer.getData("text/plain"), k));
            }}
          >
            <button type="button" aria-pressed={own.id === area} onClick={() => onArea(own.id)}>
              <span>{k + 1}</span>
              <span>{shortName(own)}</span>
              <span>{percent(own.share)}</span>
              <span>{familyWords(own)}</span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

interface ChosenProps {
  area: Area;
  areas: Area[];
  words: AreaWords;
  onEdit: (words: AreaWords) => void;
}

function Chosen({ area, areas, words, onEdit }: ChosenProps) {
  const move = (by: -1 | 1) => onEdit(placed(words, areas, area.id, area.depth + by));
  return (
    <>
      <Naming what="area" name={area.name} onName={(name) => onEdit(withName(words, area, name))} />
      <span className={classes.deeds}>
        <button type="button" className="act" disabled={!area.depth} onClick={() => move(-1)}>
          farther
        </button>
        <button
          type="button"
          className="act"
          disabled={area.depth === areas.length - 1}
          onClick={() => move(1)}
        >
          nearer
        </button>
        {FAMILIES.filter((family) => family !== area.family).map((family) => (
          <button
            key={family}
            type="button"
            className="act"
            onClick={() => onEdit(withFamily(words, area, family))}
          >
            in {family}
          </button>
        ))}
        <button type="button" className="act" onClick={() => onEdit(withHalves(words, area))}>
          into light and shadow
        </button>
        <select
          className="act"
          aria-label="Join with another area"
          value=""
          onChange={(event) => {
            const other = areas.find((a) => a.id === event.target.value);
            if (other) onEdit(withJoin(words, area, other));
          }}
        >
          <option value="">join with…</option>
          {areas
            .filter((a) => a.id !== area.id)
            .map((other) => (
              <option key={other.id} value={other.id}>
                {shortName(other)}
              </option>
            ))}
        </select>
      </span>
    </>
  );
}

/** The family, and by how much where it is only proposed and near the border. */
function familyWords({ family, gap, value }: Area): string {
  if (family !== "unsure") return family;
  return `light or shadow? ${value.toFixed(1)}, ${gap.toFixed(1)} off`;
}
