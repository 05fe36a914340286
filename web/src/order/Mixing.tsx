import { useState } from "react";
import type { Piece, Plan, Schools as SchoolsFound } from "../api/client";
import { type useChanges, useLabels } from "../api/hooks";
import { labelAt } from "../parts/labels";
import { shortName } from "../parts/masses";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  found: SchoolsFound;
  changes: ReturnType<typeof useChanges>;
}

/** Areas that are painted first, by a school of their own: the sky light first, the rest as before. */
export function Mixing({ piece, plan, found, changes }: Props) {
  const areas = plan.view.areas ?? [];
  const labels = useLabels(piece.id, plan, "areas");
  const mixed = piece.settings.mixed ?? [];
  const schools = found.schools.filter(
    ({ school, feasible, mixable }) => feasible && mixable && school !== plan.document.school,
  );
  const [area, setArea] = useState(0);
  const [school, setSchool] = useState("");
  const chosen = school || (schools[0]?.school ?? "");
  const place = areas[area]?.inside;
  if (areas.length < 2 || !schools.length) return null;
  const save = (to: typeof mixed) => changes.edit.mutate({ mixed: to });
  const wordsOf = (key: string) => found.schools.find((s) => s.school === key)?.words ?? key;
  const nameAt = (x: number, y: number) => {
    const label = labelAt(plan.view, labels, { x, y });
    const there = areas.find((own) => own.label === label);
    return there ? shortName(there) : "an area";
  };
  return (
    <form
      className={classes.keep}
      onSubmit={(event) => {
        event.preventDefault();
        if (place) save([...mixed, { x: place[0], y: place[1], school: chosen }]);
      }}
    >
      <label>
        Paint{" "}
        <select
          className="field"
          value={area}
          onChange={(event) => setArea(Number(event.target.value))}
        >
          {areas.map((own, k) => (
            <option key={own.id} value={k}>
              {shortName(own)}
            </option>
          ))}
        </select>
      </label>
      <label>
        by{" "}
        <select
          className="field"
          value={chosen}
          onChange={(event) => setSchool(event.target.value)}
        >
          {schools.map((own) => (
            <option key={own.school} value={own.school}>
              {own.words}
            </option>
          ))}
        </select>
      </label>
      <button type="submit" className="act">
        first, then the rest
      </button>
      {mixed.map((own, k) => (
        <span key={`${own.x} ${own.y}`}>
          {nameAt(own.x, own.y)}: {wordsOf(own.school)}{" "}
          <button
            type="button"
            className="act"
            onClick={() => save(mixed.filter((_, other) => other !== k))}
          >
            like the rest
          </button>
        </span>
      ))}
    </form>
  );
}
