import { Text } from "@mantine/core";
import type { Pass, Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { useLit, Words } from "../parts/lit";
import { rounded, say, within } from "../words/say";
import classes from "./finer.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

export type Effect = NonNullable<Plan["document"]["effects"]>[number];

/** Which effects are left out or taken once one of them is, or is as the picture tells it again. */
function told(piece: Piece, id: string, as: "off" | "taken" | "") {
  const { effectsOff = [], effectsTaken = [] } = piece.settings;
  const others = (ids: readonly string[]) => ids.filter((one) => one !== id);
  return {
    effectsOff: as === "off" ? [...others(effectsOff), id] : others(effectsOff),
    effectsTaken: as === "taken" ? [...others(effectsTaken), id] : others(effectsTaken),
  };
}

/** The effects of a pass, to be left out, and those that rest, with why. */
export function Effects({ piece, plan, done, changes }: Props & { done: Pass }) {
  const { light } = useLit();
  const off = piece.settings.effectsOff ?? [];
  const all = plan.document.effects ?? [];
  const first = plan.document.passes[0]?.id === done.id;
  const shown = all.filter((one) => one.pass === done.id || (first && isOff(one, off)));
  if (shown.length === 0) return null;
  return (
    <ul className={classes.families} aria-label={say("effects-list")}>
      {shown.map((effect) => (
        <li
          key={effect.id}
          onPointerEnter={() => light({ masses: effect.masses, edges: [] })}
          onPointerLeave={() => light(null)}
        >
          <span>
            <b>{effect.called}.</b> <Words text={effect.told} marks={effect.marks} />
          </span>
          {isOff(effect, off) ? (
            <Act onClick={() => changes.edit.mutate(told(piece, effect.id, ""))}>
              {say("effects-bring-back")}
            </Act>
          ) : (
            <>
              <Text span c="dimmed">
                {say("effects-sure", { sure: Math.round(100 * effect.sure) })}
              </Text>
              <Act onClick={() => changes.edit.mutate(told(piece, effect.id, "off"))}>
                {say("effects-leave-out")}
              </Act>
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

const isOff = (effect: Effect, off: readonly string[]) => off.includes(effect.id);

/** What the picture does not tell surely enough, asked one after the other. */
export function Questions({ piece, plan, changes }: Props) {
  const { light } = useLit();
  const { effectsOff = [], effectsTaken = [] } = piece.settings;
  const asked = (plan.document.effects ?? []).filter((one) => one.asks);
  const open = asked.filter(({ id }) => !effectsOff.includes(id) && !effectsTaken.includes(id));
  const [question] = open;
  if (!question) return null;
  const name = plan.document.masses.find((one) => one.id === question.masses[0])?.called ?? "";
  const lit = { masses: question.masses, edges: [] };
  const others = question.instead ?? [];
  return (
    <section
      className={classes.question}
      aria-label={say("effects-question")}
      onPointerEnter={() => light(lit)}
      onPointerLeave={() => light(null)}
    >
      <h3>{say("effects-is-it", { name, called: within(question.called) })}</h3>
      <p>{evidence(question)}</p>
      <p>
        {say("effects-chance", { sure: Math.round(100 * question.sure) })}{" "}
        <Act onClick={() => changes.edit.mutate(told(piece, question.id, "taken"))}>
          {say("effects-yes", { called: within(question.called) })}
        </Act>{" "}
        <Act onClick={() => changes.edit.mutate(told(piece, question.id, "off"))}>
          {say("effects-no", { other: others[0] ?? "" })}
        </Act>{" "}
        <span className="quiet">
          {say("effects-number", {
            number: asked.length - open.length + 1,
            count: asked.length,
          })}
        </span>
      </p>
    </section>
  );
}

/** What in the picture speaks for it, in figures where they say it better than how it is done. */
function evidence({ figures, told }: Effect) {
  const { lead, halo } = figures ?? {};
  if (lead === undefined || halo === undefined) return told;
  return say("effects-evidence", { lead: rounded(lead, 1), halo: Math.round(100 * halo) });
}
