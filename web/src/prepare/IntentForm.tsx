import { Textarea, TextInput } from "@mantine/core";
import { useState } from "react";
import type { Intent, Piece, Plan } from "../api/client";
import { type useChanges, useLabels } from "../api/hooks";
import { Choices } from "../parts/Choices";
import { labelAt } from "../parts/labels";
import { shortName } from "../parts/masses";
import { arrangementOf, withMove } from "./arrangement";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

const BLANK: Intent = { sentence: "", mood: "as-seen", deadline: "" };
const MOODS = [
  { key: "as-seen", words: "as seen" },
  { key: "lighter", words: "lighter" },
  { key: "darker", words: "darker" },
  { key: "closer", words: "values closer together" },
] as const;

/** What the piece is about; which area leads, the mood, what to leave out, the time in hand. */
export function IntentForm({ piece, plan, changes }: Props) {
  const intent: Intent = { ...BLANK, ...piece.settings.intent };
  const areas = plan.view.areas ?? [];
  const labels = useLabels(piece.id, plan, "areas");
  const leading = intent.about ? labelAt(plan.view, labels, intent.about) : 0;
  const keep = (to: Partial<Intent>) =>
    changes.edit.mutate((now) => ({ intent: { ...BLANK, ...now.settings.intent, ...to } }));
  const drop = ([x, y]: readonly [number, number]) =>
    changes.edit.mutate((now) => ({
      arrangement: withMove(arrangementOf(now), { x, y, drop: true }),
    }));
  return (
    <>
      <Sentence
        key={intent.sentence}
        kept={intent.sentence ?? ""}
        onKeep={(sentence) => keep({ sentence })}
      />
      <h3>Which area leads?</h3>
      <ul className={classes.leading}>
        {areas.map((area) => {
          const [x, y] = area.inside;
          const leads = area.label === leading;
          return (
            <li key={area.id}>
              <button
                type="button"
                aria-pressed={leads}
                onClick={() => keep({ about: leads ? null : { x, y } })}
              >
                {shortName(area)}
              </button>
              <button type="button" className="act" onClick={() => drop(area.inside)}>
                leave it out
              </button>
            </li>
          );
        })}
      </ul>
      <p className="quiet">The focus is proposed inside it; composition is judged by it.</p>
      <h3>Mood</h3>
      <Choices
        label="Mood"
        className={classes.acts}
        options={MOODS}
        chosen={intent.mood ?? "as-seen"}
        onChoose={(mood) => keep({ mood })}
      />
      <p className="quiet">It moves all planned values between the ends; Order shows the result.</p>
      <div className={classes.sheet}>
        <label>
          Minutes in hand{" "}
          <input
            type="number"
            min={1}
            defaultValue={intent.minutes ?? ""}
            onBlur={(event) => {
              const given = event.currentTarget.valueAsNumber;
              const minutes = Number.isFinite(given) ? given : null;
              if (minutes !== (intent.minutes ?? null)) keep({ minutes });
            }}
          />
        </label>
        <TextInput
          aria-label="Deadline"
          placeholder="Deadline, as you write it"
          maxLength={40}
          defaultValue={intent.deadline ?? ""}
          onBlur={(event) =>
            event.currentTarget.value !== (intent.deadline ?? "") &&
            keep({ deadline: event.currentTarget.value })
          }
        />
      </div>
    </>
  );
}

function Sentence({ kept, onKeep }: { kept: string; onKeep: (sentence: string) => void }) {
  const [text, setText] = useState(kept);
  return (
    <Textarea
      label="What is it about, in one sentence?"
      maxLength={200}
      value={text}
      onChange={(event) => setText(event.currentTarget.value)}
      onBlur={() => text !== kept && onKeep(text)}
    />
  );
}
