import { Slider } from "@mantine/core";
import { useState } from "react";
import type { Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { shortName } from "../parts/masses";
import { listed, rounded, say } from "../words/say";
import classes from "./finer.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  mass: string | null;
  changes: ReturnType<typeof useChanges>;
}

type Tone = NonNullable<Piece["settings"]["tones"]>[number];

/** How far each way a mass is moved at most, by which steps, and how an amount is told. */
const WAYS = [
  { key: "lighter", least: -2, most: 2, step: 0.1, digits: 1, as: (n: number) => n },
  { key: "colour", least: 0, most: 2, step: 0.05, digits: 0, as: (n: number) => 100 * (n - 1) },
  { key: "warmer", least: -20, most: 20, step: 1, digits: 0, as: (n: number) => n },
] as const;
type Way = (typeof WAYS)[number];

/** The chosen mass moved from what is planned, in value and colour; and all that are moved. */
export function Tones({ piece, plan, mass, changes }: Props) {
  const tones = piece.settings.tones ?? [];
  const chosen = plan.document.masses.find(({ id }) => id === mass);
  const nameOf = (id: string) => {
    const found = plan.document.masses.find((one) => one.id === id);
    return found ? shortName(found) : id;
  };
  const save = (id: string, to: Tone | null) =>
    changes.edit.mutate((now) => {
      const others = (now.settings.tones ?? []).filter((one) => one.mass !== id);
      return { tones: to ? [...others, to] : others };
    });
  return (
    <section className={classes.tones} aria-label={say("tones-section")}>
      {chosen ? (
        <Levers
          key={chosen.id}
          name={shortName(chosen)}
          kept={tones.find((one) => one.mass === chosen.id) ?? asPlanned(chosen.id)}
          onKeep={(to) => save(chosen.id, isPlanned(to) ? null : to)}
        />
      ) : (
        <p className="quiet">{say("tones-touch")}</p>
      )}
      {tones.length > 0 && (
        <ul>
          {tones.map((tone) => (
            <li key={tone.mass}>
              {say("tones-moved", { mass: nameOf(tone.mass), how: told(tone) })}{" "}
              <Act onClick={() => save(tone.mass, null)}>{say("tones-back")}</Act>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const asPlanned = (mass: string): Tone => ({ mass, lighter: 0, colour: 1, warmer: 0 });
const isPlanned = ({ lighter, colour, warmer }: Tone) => !lighter && colour === 1 && !warmer;

/** How a mass is moved one way, in words. */
function toldOf({ key, digits, as }: Way, amount: number) {
  const by = as(amount);
  return say(`tones-${key}`, {
    way: Math.abs(by) < 0.05 ? "same" : by > 0 ? "more" : "less",
    by: rounded(Math.abs(by), digits),
  });
}

/** What is done to a mass, in words. */
const told = (tone: Tone) =>
  listed(
    WAYS.filter((way) => amountOf(tone, way) !== (way.key === "colour" ? 1 : 0)).map((way) =>
      toldOf(way, amountOf(tone, way)),
    ),
  );

const amountOf = (tone: Tone, { key }: Way) => tone[key] ?? (key === "colour" ? 1 : 0);

interface LeversProps {
  name: string;
  kept: Tone;
  onKeep: (to: Tone) => void;
}

/** Three sliders; the plan follows when one is let go. */
function Levers({ name, kept, onKeep }: LeversProps) {
  const [tone, setTone] = useState(kept);
  return (
    <div className={classes.levers} data-arrows>
      <b>{name}</b>
      {WAYS.map((way) => (
        <div key={way.key}>
          <span>{toldOf(way, amountOf(tone, way))}</span>
          <Slider
            thumbLabel={say(`tones-lever-${way.key}`, { mass: name })}
            min={way.least}
            max={way.most}
            step={way.step}
            label={null}
            value={amountOf(tone, way)}
            onChange={(to) => setTone({ ...tone, [way.key]: to })}
            onChangeEnd={(to) => onKeep({ ...tone, [way.key]: to })}
          />
        </div>
      ))}
    </div>
  );
}
