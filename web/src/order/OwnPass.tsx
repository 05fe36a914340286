import { Group, NativeSelect } from "@mantine/core";
import { useState } from "react";
import type { Piece, Plan } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { shortName } from "../parts/masses";
import { say } from "../words/say";
import type { Move } from "./useMove";

interface Props {
  piece: Piece;
  plan: Plan;
  pass: number;
  mass: string | null;
  move: Move;
  changes: ReturnType<typeof useChanges>;
}

/** A pass of one's own after the chosen one, over its shapes or the chosen shape. */
export function OwnPass({ piece, plan, pass, mass, move, changes }: Props) {
  const kinds = (useCatalogue().data?.ownPasses ?? []).filter((kind) =>
    kind.media.includes(piece.settings.medium),
  );
  const [key, setKey] = useState("");
  const kind = kinds.find((one) => one.key === key) ?? kinds[0];
  const done = plan.document.passes[pass - 1];
  const chosen = plan.document.masses.find((one) => one.id === mass);
  const over = chosen ? [chosen.id] : shapesOf(plan, pass);
  const changed = Boolean(piece.settings.ownPasses?.length || piece.settings.dropped?.length);
  if (!done || !kind || over.length === 0) return null;
  return (
    <Group component="div" gap={8} mt={10}>
      <NativeSelect
        label={say("own-pass-add-pass-after", { pass })}
        data={kinds.map((one) => ({ value: one.key, label: one.words }))}
        value={kind.key}
        onChange={(event) => setKey(event.currentTarget.value)}
      />
      {chosen ? say("own-pass-over", { mass: shortName(chosen) }) : say("own-pass-over-same")}
      <Act onClick={() => move.setIn(kind.key, kind.words, over, done.id)}>
        {say("own-pass-try")}
      </Act>
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
