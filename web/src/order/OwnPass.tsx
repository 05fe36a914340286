import { Group, NativeSelect } from "@mantine/core";
import { useState } from "react";
import type { Piece, Plan } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { shortName } from "../parts/masses";
import { NumberField } from "../parts/NumberField";
import { toReference } from "../prepare/arrangement";
import { say } from "../words/say";
import type { Move, On } from "./useMove";
import type { Placing } from "./useOrder";

interface Props {
  piece: Piece;
  plan: Plan;
  pass: number;
  mass: string | null;
  move: Move;
  changes: ReturnType<typeof useChanges>;
  placing: Placing;
}

/** Width of a stroke in mm until another is given. */
const USUAL_MM = 6;

/** A pass of one's own after the chosen one, over its shapes or the chosen shape. */
export function OwnPass({ piece, plan, pass, mass, move, changes, placing }: Props) {
  const kinds = (useCatalogue().data?.ownPasses ?? []).filter((kind) =>
    kind.media.includes(piece.settings.medium),
  );
  const [key, setKey] = useState("");
  const [mm, setMm] = useState(USUAL_MM);
  const kind = kinds.find((one) => one.key === key) ?? kinds[0];
  const done = plan.document.passes[pass - 1];
  const chosen = plan.document.masses.find((one) => one.id === mass);
  const over = chosen ? [chosen.id] : shapesOf(plan, pass);
  const changed = Boolean(piece.settings.ownPasses?.length || piece.settings.dropped?.length);
  const { place } = placing;
  if (!done || !kind || (over.length === 0 && !place)) return null;
  const on: On = place
    ? {
        masses: [],
        points: place.points.map((point) => {
          const { x, y } = toReference(plan.view, point);
          return [x, y];
        }),
        widthMm: place.outline ? 0 : mm,
      }
    : { masses: over, widthMm: 0 };
  return (
    <Group component="div" gap={8} mt={10}>
      <NativeSelect
        label={say("own-pass-add-pass-after", { pass })}
        data={kinds.map((one) => ({ value: one.key, label: one.words }))}
        value={kind.key}
        onChange={(event) => setKey(event.currentTarget.value)}
      />
      <span>
        {place
          ? say(place.outline ? "own-pass-within" : "own-pass-along")
          : chosen
            ? say("own-pass-over", { mass: shortName(chosen) })
            : say("own-pass-over-same")}
      </span>
      {(["stroke", "outline"] as const).map((how) => (
        <Act
          key={how}
          aria-pressed={placing.drawing === how}
          onClick={() => placing.setDrawing(placing.drawing === how ? null : how)}
        >
          {say(`own-pass-${how}`)}
        </Act>
      ))}
      {place && <Act onClick={placing.forget}>{say("own-pass-whole")}</Act>}
      {place && !place.outline && (
        <NumberField
          key={mm}
          label={say("own-pass-wide")}
          kept={mm}
          min={0.3}
          max={60}
          step={0.5}
          decimalScale={1}
          needed
          onKeep={async (value) => setMm(value ?? mm)}
        />
      )}
      <Act onClick={() => move.setIn(kind.key, kind.words, on, done.id)}>{say("own-pass-try")}</Act>
      {changed && (
        <Act onClick={() => changes.edit.mutate({ order: null, ownPasses: [], dropped: [] })}>
          {say("own-pass-reset-passes")}
        </Act>
      )}
    </Group>
  );
}

/** The masses that a pass brings to their target, or else all that it lays; never those kept bare. */
function shapesOf(plan: Plan, pass: number): string[] {
  const bare = new Set(plan.document.masses.filter((m) => m.reserved).map((m) => m.id));
  const laid = plan.document.passes[pass - 1]?.operations.filter((o) => !bare.has(o.mass)) ?? [];
  const targets = laid.filter((o) => o.role === "target");
  return [...new Set((targets.length ? targets : laid).map((o) => o.mass))];
}
