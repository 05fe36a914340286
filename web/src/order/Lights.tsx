import { Checkbox, NativeSelect } from "@mantine/core";
import type { Piece, Plan } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { usePassed } from "../parts/FirstSteps";
import { Words } from "../parts/lit";
import { nameIn } from "../parts/masses";
import { say } from "../words/say";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
  onMass: (mass: string | null) => void;
}

/** Every light that stays as bare as the sheet: how it is kept, why, and what else could be. */
export function Lights({ piece, plan, changes, onMass }: Props) {
  const reserves = plan.document.reserves ?? [];
  usePassed("lights");
  const overrule = (mass: string, way: string | null) =>
    changes.edit.mutate((now) => {
      const others = (now.settings.ways ?? []).filter((w) => w.mass !== mass);
      return { ways: way === null ? others : [...others, { mass, way }] };
    });
  if (!reserves.length)
    return (
      <p>{say(piece.settings.medium === "watercolour" ? "lights-none" : "lights-none-opaque")}</p>
    );
  return (
    <>
      <Checkbox
        my={4}
        label={say("lights-opaque-white-may")}
        checked={piece.settings.whites ?? true}
        onChange={(event) => changes.edit.mutate({ whites: event.currentTarget.checked })}
      />
      <ol className={classes.findings}>
        {reserves.map((reserve, k) => (
          <Light
            key={reserve.mass}
            plan={plan}
            number={k + 1}
            reserve={reserve}
            onOverrule={(way) => overrule(reserve.mass, way)}
            onMass={onMass}
          />
        ))}
      </ol>
    </>
  );
}

interface LightProps {
  plan: Plan;
  /** Its number in the picture. */
  number: number;
  reserve: NonNullable<Plan["document"]["reserves"]>[number];
  /** Called with another way, or null for the way that was found. */
  onOverrule: (way: string | null) => void;
  onMass: (mass: string | null) => void;
}

function Light({ plan, number, reserve, onOverrule, onMass }: LightProps) {
  const words = useCatalogue().data?.acts ?? {};
  const name = nameIn(plan, reserve.mass);
  const ways = new Set([reserve.kind, ...(reserve.ways ?? []).map(([kind]) => kind)]);
  return (
    <li
      className={classes.light}
      onPointerEnter={() => onMass(reserve.mass)}
      onPointerLeave={() => onMass(null)}
      onFocus={() => onMass(reserve.mass)}
      onBlur={() => onMass(null)}
    >
      <b>
        {number} {name}
      </b>
      <NativeSelect
        aria-label={say("lights-how-kept", { name })}
        value={reserve.kind}
        data={[...ways].map((kind) => ({ value: kind, label: words[kind] ?? kind }))}
        onChange={(event) => onOverrule(event.currentTarget.value)}
      />
      {reserve.overruled && <Act onClick={() => onOverrule(null)}>{say("lights-reset")}</Act>}
      <p>
        <Words text={reserve.sentence} marks={reserve.marks} />
      </p>
    </li>
  );
}
