import { useState } from "react";
import type { Piece, Plan } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import { shortName } from "../parts/masses";
import type { useMove } from "./Move";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  pass: number;
  mass: string | null;
  move: ReturnType<typeof useMove>;
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
  const bare = new Set(plan.document.masses.filter((m) => m.reserved).map((m) => m.id));
  const worked = done?.operations.filter((o) => !bare.has(o.mass)) ?? [];
  const targets = worked.filter((o) => o.role === "target");
  const own = (targets.length ? targets : worked).map((o) => o.mass);
  const changed = Boolean(piece.settings.ownPasses?.length || piece.settings.dropped?.length);
  const over = chosen ? [chosen.id] : [...new Set(own)];
  if (!done || !kind || over.length === 0) return null;
  return (
    <p className={classes.own}>
      <label htmlFor="own-pass">A pass of your own after pass {pass}:</label>{" "}
      <select
        id="own-pass"
        className="field"
        value={kind.key}
        onChange={(event) => setKey(event.currentTarget.value)}
      >
        {kinds.map((one) => (
          <option key={one.key} value={one.key}>
            {one.words}
          </option>
        ))}
      </select>{" "}
      over {chosen ? shortName(chosen) : "its shapes"}{" "}
      <button
        type="button"
        className="act"
        onClick={() => move.setIn(kind.key, kind.words, over, done.id)}
      >
        What would it come to?
      </button>
      {changed && (
        <>
          {" "}
          ·{" "}
          <button
            type="button"
            className="act"
            onClick={() => changes.edit.mutate({ order: null, ownPasses: [], dropped: [] })}
          >
            The passes as planned
          </button>
        </>
      )}
    </p>
  );
}
