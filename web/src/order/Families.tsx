import { Text } from "@mantine/core";
import type { Pass, Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { useLit } from "../parts/lit";
import { Naming } from "../parts/Naming";
import { NumberField } from "../parts/NumberField";
import { minutes } from "../parts/time";
import { toReference } from "../prepare/arrangement";
import { rounded, say } from "../words/say";
import classes from "./finer.module.css";
import type { HandDrawing, OwnMark } from "./useHandDrawing";

interface Props {
  piece: Piece;
  plan: Plan;
  done: Pass;
  changes: ReturnType<typeof useChanges>;
  hand: HandDrawing;
}

type Family = NonNullable<Plan["document"]["marks"]>[number];
type Wish = NonNullable<Piece["settings"]["families"]>[number];
type Many = NonNullable<Wish["many"]>;

/** The families of small marks of a pass: what each is, and more or fewer of it, none, or a name. */
export function Families(props: Props) {
  const { piece, plan, done, changes, hand } = props;
  const own = (plan.document.marks ?? []).filter((family) => family.pass === done.id);
  const wishes = piece.settings.families ?? [];
  const left = wishes.filter((wish) => wish.many === "none");
  const last = plan.document.passes.at(-1)?.id === done.id;
  if (!own.length && !last) return null;
  return (
    <>
      <ul className={classes.families} aria-label={say("families-list")}>
        {own.map((family) => (
          <Line key={family.id} {...props} family={family} />
        ))}
      </ul>
      {last && (
        <Act aria-pressed={hand.drawing} onClick={() => hand.setDrawing(!hand.drawing)}>
          {say("families-draw")}
        </Act>
      )}
      {last && left.length > 0 && (
        <Act
          onClick={() =>
            changes.edit.mutate({ families: wishes.filter((wish) => wish.many !== "none") })
          }
        >
          {say("families-bring-back", { count: left.length })}
        </Act>
      )}
    </>
  );
}

/** How near (shares of the picture) a wish lies to the place of the family that it was made for. */
const SAME = 0.004;

function Line({ piece, plan, changes, family, hand }: Props & { family: Family }) {
  const { light, hold, held } = useLit();
  const lit = { masses: [], edges: [], families: [family.id] };
  const chosen = held?.families?.includes(family.id) ?? false;
  const number = family.own ?? -1;
  const drawn = hand.own[number];
  const [x, y] = family.place ?? [0, 0];
  const at = toReference(plan.view, { x, y });
  const wish = (change: { many?: Many; name?: string }) => {
    const others = (piece.settings.families ?? []).filter(
      (one) => one.kind !== family.kind || Math.hypot(one.x - at.x, one.y - at.y) > SAME,
    );
    const now = { many: family.many ?? "found", name: family.called ?? "" };
    changes.edit.mutate({ families: [...others, { ...at, kind: family.kind, ...now, ...change }] });
  };
  return (
    <li
      data-lit={chosen}
      onPointerEnter={() => light(lit)}
      onPointerLeave={() => light(null)}
      onFocus={() => light(lit)}
      onBlur={() => light(null)}
    >
      <Act aria-pressed={chosen} onClick={() => hold(lit)}>
        {family.name}
      </Act>
      <Text span c="dimmed">
        <Size family={family} />
      </Text>
      {(["fewer", "more"] as const).map(
        (many) =>
          family.kind !== "texture" &&
          !drawn && (
            <Act
              key={many}
              aria-pressed={family.many === many}
              onClick={() => wish({ many: family.many === many ? "found" : many })}
            >
              {say(`families-${many}`)}
            </Act>
          ),
      )}
      <Act onClick={() => (drawn ? hand.remove(number) : wish({ many: "none" }))}>
        {say("families-none")}
      </Act>
      {chosen && drawn && <Drawn mark={drawn} onChange={(by) => hand.change(number, by)} />}
      {chosen && (
        <Naming
          what="family"
          name={family.called || null}
          onName={(name) => (drawn ? hand.change(number, { name }) : wish({ name }))}
        />
      )}
    </li>
  );
}

interface DrawnProps {
  mark: OwnMark;
  onChange: (by: Partial<OwnMark>) => Promise<unknown>;
}

/** Width and value of a line drawn by hand. */
function Drawn({ mark, onChange }: DrawnProps) {
  const { widthMm = 1, value = 2 } = mark;
  const fields = [
    { name: "widthMm", label: say("families-width"), kept: widthMm, min: 0.3, max: 20 },
    { name: "value", label: say("families-value"), kept: value, min: 0, max: 10 },
  ] as const;
  return fields.map(({ name, kept, ...others }) => (
    <NumberField
      key={`${name} ${kept}`}
      kept={kept}
      needed
      step={0.1}
      onKeep={(to) => onChange({ [name]: to ?? kept })}
      {...others}
    />
  ));
}

/** How long, how wide, with what, and for how long. */
function Size({ family }: { family: Family }) {
  const { widthMm = 0, lengthCm = 0, toolWords: tool = "", texture } = family;
  if (texture)
    return say("families-texture", {
      mm: rounded(texture.grainMm, 1),
      tool,
      minutes: minutes(family.minutes),
    });
  const values = { cm: rounded(lengthCm, 0), tool, minutes: minutes(family.minutes) };
  if (!widthMm) return say("families-size", values);
  return say("families-line", { ...values, mm: rounded(widthMm, 1) });
}
