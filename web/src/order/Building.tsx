import { Group, NativeSelect } from "@mantine/core";
import { useState } from "react";
import type { Piece, Plan } from "../api/client";
import { type useChanges, useLabels } from "../api/hooks";
import { Act } from "../parts/Act";
import { labelAt } from "../parts/labels";
import { shortName } from "../parts/masses";
import { NumberField } from "../parts/NumberField";
import { say } from "../words/say";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

type Under = NonNullable<Piece["settings"]["unders"]>[number];
const [FEWEST, MOST, WIDEST] = [3, 9, 10];
/** What is not said of something under which nothing runs. */
const PLAIN = { x: 0, y: 0, number: 1 };

/** How things are built up: in how many stages, with how much background round each, and what no earlier
 * pass runs under. */
export function Building({ piece, plan, changes }: Props) {
  const { stages, aroundCm, unders = [] } = piece.settings;
  return (
    <Group className={classes.wide} gap="6 22" fz={15}>
      <NumberField
        key={`stages ${stages}`}
        label={say("building-stages")}
        placeholder={say("building-usual")}
        min={FEWEST}
        max={MOST}
        kept={stages ?? null}
        onKeep={(to) => changes.edit.mutateAsync({ stages: to })}
      />
      <NumberField
        key={`around ${aroundCm}`}
        label={say("building-around")}
        placeholder={say("building-usual")}
        max={WIDEST}
        step={0.5}
        kept={aroundCm ?? null}
        onKeep={(to) => changes.edit.mutateAsync({ aroundCm: to })}
      />
      <Unders piece={piece} plan={plan} unders={unders} changes={changes} />
    </Group>
  );
}

/** What no earlier pass runs under, or a pass that runs under nothing. */
function Unders({ piece, plan, unders, changes }: Props & { unders: Under[] }) {
  const labels = useLabels(piece.id, plan, "areas");
  const areas = plan.view.areas ?? [];
  const shapes = plan.document.shapes || plan.document.passes.length;
  const [key, setKey] = useState("");
  const choices: { key: string; words: string; under: Under }[] = [
    ...areas.map((area) => ({
      key: area.id,
      words: shortName(area),
      under: { ...PLAIN, what: "thing" as const, x: area.inside[0], y: area.inside[1] },
    })),
    { key: "cool", words: say("building-cool"), under: { ...PLAIN, what: "cool" } },
    { key: "warm", words: say("building-warm"), under: { ...PLAIN, what: "warm" } },
    ...Array.from({ length: shapes }, (_, k) => ({
      key: `pass ${k + 1}`,
      words: say("building-pass", { number: k + 1 }),
      under: { ...PLAIN, what: "pass" as const, number: k + 1 },
    })),
  ];
  const chosen = choices.find((one) => one.key === key) ?? choices[0];
  const save = (to: Under[]) => changes.edit.mutate({ unders: to });
  const nameOf = (under: Under) => {
    if (under.what === "pass") return say("building-pass", { number: under.number ?? 1 });
    if (under.what !== "thing") return say(`building-${under.what}`);
    const label = labelAt(plan.view, labels, { x: under.x ?? 0, y: under.y ?? 0 });
    const area = areas.find((one) => one.label === label);
    return area ? shortName(area) : say("mixing-area");
  };
  if (!chosen) return null;
  return (
    <>
      <NativeSelect
        label={say("building-nothing-under")}
        data={choices.map((one) => ({ value: one.key, label: one.words }))}
        value={chosen.key}
        onChange={(event) => setKey(event.currentTarget.value)}
      />
      <Act onClick={() => save([...unders, chosen.under])}>{say("building-forbid")}</Act>
      {unders.map((under, k) => (
        <span key={`${under.what} ${under.x} ${under.y} ${under.number}`}>
          {nameOf(under)}{" "}
          <Act onClick={() => save(unders.filter((_, other) => other !== k))}>
            {say("building-allow")}
          </Act>
        </span>
      ))}
    </>
  );
}
