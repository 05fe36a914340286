import { Group, Menu, Toggle } from "@mantine/core";
import { useState } from "react";
import type { Area, AreaWords, Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { Choices } from "../parts/Choices";
import { shortName } from "../parts/masses";
import { Naming } from "../parts/Naming";
import { percent } from "../parts/percent";
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
  { key: "over", words: "draw over" },
  { key: "round", words: "outline" },
  { key: "join", words: "join" },
  { key: "split", words: "split" },
];
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
  return (
    <section>
      <Group justify="space-between" fz="sm">
        <b>Areas, far to near</b>
        <Choices
          label="What a line means"
          variant="word"
          options={WAYS}
          chosen={way}
          onChoose={(to) => onWay(way === to ? "over" : to)}
        />
      </Group>
      <p aria-live="polite">{half ? "Now along the other." : HOW[way]}</p>
      <div className={classes.chosen}>
        {shown ? (
          <Chosen key={shown.id} area={shown} areas={areas} words={words} onEdit={edit} />
        ) : (
          <p>Choose an area to name it; drag it in the list to where it lies, far to near.</p>
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
  return (
    <>
      <Naming what="area" name={area.name} onName={(name) => onEdit(withName(words, area, name))} />
      <Group gap={16} py={6}>
        <Act disabled={!area.depth} onClick={() => move(-1)}>
          farther
        </Act>
        <Act disabled={area.depth === areas.length - 1} onClick={() => move(1)}>
          nearer
        </Act>
        {FAMILIES.filter((family) => family !== area.family).map((family) => (
          <Act key={family} onClick={() => onEdit(withFamily(words, area, family))}>
            Mark as {family}
          </Act>
        ))}
        <Act onClick={() => onEdit(withHalves(words, area))}>Split into light and shadow</Act>
        <Menu>
          <Menu.Target>
            <Act>join with…</Act>
          </Menu.Target>
          <Menu.Dropdown>
            {areas
              .filter((a) => a.id !== area.id)
              .map((other) => (
                <Menu.Item key={other.id} onClick={() => onEdit(withJoin(words, area, other))}>
                  {shortName(other)}
                </Menu.Item>
              ))}
          </Menu.Dropdown>
        </Menu>
      </Group>
    </>
  );
}

/** The family, or a question where its value lies near the border. */
function familyWords({ family, value }: Area): string {
  if (family !== "unsure") return family;
  return `light or shadow? ${value.toFixed(1)}`;
}
