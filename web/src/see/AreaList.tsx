import { Group, NativeSelect, Toggle } from "@mantine/core";
import { useState } from "react";
import type { Area, AreaWords, Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { Choices } from "../parts/Choices";
import { shortName } from "../parts/masses";
import { Naming } from "../parts/Naming";
import { percent } from "../parts/percent";
import { rounded, say } from "../words/say";
import { placed, withFamily, withHalves, withJoin, withName, wordsOf } from "./areas";
import classes from "./see.module.css";
import type { Way } from "./useDrawing";

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

const WAYS: { key: Way; words: string }[] = [
  { key: "over", words: say("area-list-draw-over") },
  { key: "round", words: say("area-list-outline") },
  { key: "join", words: say("area-list-join") },
  { key: "split", words: say("area-list-split") },
];
const HOW = {
  over: say("area-list-draw-over-thing"),
  round: say("area-list-draw-roughly-round"),
  join: say("area-list-draw-across-areas"),
  split: say("area-list-draw-along-one"),
};
const FAMILIES = ["light", "shadow"] as const;

/** The areas from far to near: chosen, named, put in order, given to light or shadow. */
export function AreaList(props: Props) {
  const { piece, plan, area, changes, way, half, onArea, onWay } = props;
  const areas = plan.view.areas ?? [];
  const words = wordsOf(piece);
  const edit = (to: AreaWords) => changes.edit.mutate({ areas: to });
  const shown = areas.find((a) => a.id === area);
  return (
    <section>
      <Group justify="space-between" fz="sm">
        <b>{say("area-list-areas-far-near")}</b>
        <Choices
          label={say("area-list-what-line-means")}
          variant="word"
          options={WAYS}
          chosen={way}
          onChoose={(to) => onWay(way === to ? "over" : to)}
        />
      </Group>
      <p aria-live="polite">{half ? say("area-list-now-along-other") : HOW[way]}</p>
      <div className={classes.chosen}>
        {shown ? (
          <Chosen key={shown.id} area={shown} areas={areas} words={words} onEdit={edit} />
        ) : (
          <p>{say("area-list-choose-area-name")}</p>
        )}
      </div>
      <Ordered
        areas={areas}
        area={area}
        onArea={onArea}
        onPlace={(id, to) => edit(placed(words, areas, id, to))}
      />
    </section>
  );
}

interface OrderedProps {
  areas: Area[];
  area: string | null;
  onArea: (area: string) => void;
  /** Called with an area dropped at a place, the first being 0. */
  onPlace: (area: string, to: number) => void;
}

/** The list itself: each line is chosen as a whole, or dragged to another place. */
function Ordered({ areas, area, onArea, onPlace }: OrderedProps) {
  const [over, setOver] = useState<number | null>(null);
  return (
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
            onPlace(event.dataTransfer.getData("text/plain"), k);
          }}
        >
          <Toggle variant="line" active={own.id === area} onClick={() => onArea(own.id)}>
            <span>{k + 1}</span>
            <span>{shortName(own)}</span>
            <span>{percent(own.share)}</span>
            <span>{familyWords(own)}</span>
          </Toggle>
        </li>
      ))}
    </ol>
  );
}

interface ChosenProps {
  area: Area;
  areas: Area[];
  words: AreaWords;
  onEdit: (words: AreaWords) => void;
}

/** What can be said of the chosen area: its name, place, family, and what it is one with. */
function Chosen({ area, areas, words, onEdit }: ChosenProps) {
  const move = (by: -1 | 1) => onEdit(placed(words, areas, area.id, area.depth + by));
  const others = areas
    .filter(({ id }) => id !== area.id)
    .map((other) => ({ value: other.id, label: shortName(other) }));
  const join = (id: string) => {
    const other = areas.find((one) => one.id === id);
    if (other) onEdit(withJoin(words, area, other));
  };
  return (
    <>
      <Naming what="area" name={area.name} onName={(name) => onEdit(withName(words, area, name))} />
      <Group gap={16} py={6}>
        <Act disabled={!area.depth} onClick={() => move(-1)}>
          {say("area-list-farther")}
        </Act>
        <Act disabled={area.depth === areas.length - 1} onClick={() => move(1)}>
          {say("area-list-nearer")}
        </Act>
        {FAMILIES.filter((family) => family !== area.family).map((family) => (
          <Act key={family} onClick={() => onEdit(withFamily(words, area, family))}>
            {say(`area-list-mark-${family}`)}
          </Act>
        ))}
        <Act onClick={() => onEdit(withHalves(words, area))}>
          {say("area-list-split-into-light")}
        </Act>
        <NativeSelect
          label={say("area-list-join-with")}
          data={[{ value: "", label: "–" }, ...others]}
          value=""
          onChange={({ currentTarget }) => join(currentTarget.value)}
        />
      </Group>
    </>
  );
}

/** The family, or a question where its value lies near the border. */
function familyWords({ family, value }: Area): string {
  if (family !== "unsure") return say(`area-list-${family}`);
  return say("area-list-light-shadow", { value: rounded(value, 1) });
}
