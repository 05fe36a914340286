import { NativeSelect } from "@mantine/core";
import type { Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { shortName } from "../parts/masses";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
  onMass: (mass: string | null) => void;
}

export const WAYS: Record<string, string> = {
  reserve: "paint round",
  mask: "mask",
  placeholder: "placeholder tint",
  "lift-wet": "lift while wet",
  "lift-dry": "lift when dry",
  "stencil-lift": "lift through a stencil",
  scratch: "scratch",
  sand: "sand",
  "opaque-white": "opaque white",
};

/** Every light that stays as bare as the sheet: how it is kept, why, and what else could be. */
export function Lights({ piece, plan, changes, onMass }: Props) {
  const reserves = plan.document.reserves ?? [];
  const overrule = (mass: string, way: string, own: boolean) =>
    changes.edit.mutate((now) => {
      const others = (now.settings.ways ?? []).filter((w) => w.mass !== mass);
      return { ways: own ? others : [...others, { mass, way }] };
    });
  if (!reserves.length)
    return (
      <p>
        No light of this plan is kept as bare surface
        {piece.settings.medium === "watercolour" ? "." : ": opaque paint sets its lights last."}
      </p>
    );
  return (
    <>
      <label className={classes.check}>
        <input
          type="checkbox"
          checked={piece.settings.whites ?? true}
          onChange={(event) => changes.edit.mutate({ whites: event.currentTarget.checked })}
        />
        Opaque white may be used
      </label>
      <ol className={classes.findings}>
        {reserves.map((reserve) => {
          const mass = plan.document.masses.find((m) => m.id === reserve.mass);
          const name = mass ? shortName(mass) : reserve.mass;
          return (
            <li key={reserve.mass}>
              <div
                className={classes.light}
                onPointerEnter={() => onMass(reserve.mass)}
                onPointerLeave={() => onMass(null)}
              >
                <b>{name}</b>
                <NativeSelect
                  size="sm"
                  aria-label={`How ${name} is kept`}
                  value={reserve.kind}
                  data={[reserve.kind, ...(reserve.ways ?? []).map(([kind]) => kind)]
                    .filter((kind, k, all) => all.indexOf(kind) === k)
                    .map((kind) => ({ value: kind, label: WAYS[kind] ?? kind }))}
                  onChange={(event) => overrule(reserve.mass, event.currentTarget.value, false)}
                />
                {reserve.overruled && (
                  <button
                    type="button"
                    className="act"
                    onClick={() => overrule(reserve.mass, "", true)}
                  >
                    as it was found
                  </button>
                )}
                <p>{reserve.sentence}</p>
              </div>
            </li>
          );
        })}
      </ol>
    </>
  );
}
