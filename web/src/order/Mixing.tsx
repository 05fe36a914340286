import { Group, NativeSelect } from "@mantine/core";
import { useState } from "react";
import type { Piece, Plan, Schools as SchoolsFound } from "../api/client";
import { type useChanges, useLabels } from "../api/hooks";
import { Act } from "../parts/Act";
import { labelAt } from "../parts/labels";
import { shortName } from "../parts/masses";
import { say } from "../words/say";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  found: SchoolsFound;
  changes: ReturnType<typeof useChanges>;
}

/** Areas that are painted first, by an approach of their own. */
export function Mixing({ piece, plan, found, changes }: Props) {
  const areas = plan.view.areas ?? [];
  const labels = useLabels(piece.id, plan, "areas");
  const mixed = piece.settings.mixed ?? [];
  const schools = found.schools.filter(
    ({ school, feasible, mixable }) => feasible && mixable && school !== plan.document.school,
  );
  const [area, setArea] = useState("");
  const [school, setSchool] = useState("");
  const own = areas.find(({ id }) => id === area) ?? areas[0];
  const by = schools.find((one) => one.school === school) ?? schools[0];
  if (areas.length < 2 || !own || !by) return null;
  const save = (to: typeof mixed) => changes.edit.mutate({ mixed: to });
  const wordsOf = (key: string) => found.schools.find((s) => s.school === key)?.words ?? key;
  const nameAt = (place: { x: number; y: number }) => {
    const label = labelAt(plan.view, labels, place);
    const there = areas.find((one) => one.label === label);
    return there ? shortName(there) : say("mixing-area");
  };
  const [x, y] = own.inside;
  return (
    <Group className={classes.wide} gap="6 14" fz={15}>
      <NativeSelect
        label={say("mixing-paint-one-area")}
        data={areas.map((one) => ({ value: one.id, label: shortName(one) }))}
        value={own.id}
        onChange={(event) => setArea(event.currentTarget.value)}
      />
      <NativeSelect
        label={say("mixing-approach")}
        data={schools.map((one) => ({ value: one.school, label: one.words }))}
        value={by.school}
        onChange={(event) => setSchool(event.currentTarget.value)}
      />
      <Act onClick={() => save([...mixed, { x, y, school: by.school }])}>{say("mixing-add")}</Act>
      {mixed.map((one, k) => (
        <span key={`${one.x} ${one.y}`}>
          {nameAt(one)}: {wordsOf(one.school)}{" "}
          <Act onClick={() => save(mixed.filter((_, other) => other !== k))}>
            {say("mixing-remove")}
          </Act>
        </span>
      ))}
    </Group>
  );
}
