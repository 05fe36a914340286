import { Group, Textarea, Title, Toggle } from "@mantine/core";
import { useState } from "react";
import type { Intent, Piece, Plan } from "../api/client";
import { type useChanges, useLabels } from "../api/hooks";
import { Act } from "../parts/Act";
import { Choices } from "../parts/Choices";
import { labelAt } from "../parts/labels";
import { shortName } from "../parts/masses";
import { NumberField } from "../parts/NumberField";
import { TextField } from "../parts/TextField";
import { say } from "../words/say";
import { arrangementOf, withMove } from "./arrangement";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

const BLANK: Intent = { sentence: "", mood: "as-seen", deadline: "" };
const MOODS = [
  { key: "as-seen", words: say("intent-form-seen") },
  { key: "lighter", words: say("intent-form-lighter") },
  { key: "darker", words: say("intent-form-darker") },
  { key: "closer", words: say("intent-form-values-closer-together") },
] as const;

/** What the piece is about; which area leads, the mood, what to leave out, the time in hand. */
export function IntentForm({ piece, plan, changes }: Props) {
  const intent: Intent = { ...BLANK, ...piece.settings.intent };
  const labels = useLabels(piece.id, plan, "areas");
  const leading = intent.about ? labelAt(plan.view, labels, intent.about) : 0;
  const change = (to: Partial<Intent>) => (now: Piece) => ({
    intent: { ...BLANK, ...now.settings.intent, ...to },
  });
  const keep = (to: Partial<Intent>) => changes.edit.mutate(change(to));
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
      <Title order={3} mt="md" mb={6}>
        {say("intent-form-which-area-leads")}
      </Title>
      <ul className={classes.leading}>
        {(plan.view.areas ?? []).map((area) => {
          const [x, y] = area.inside;
          const leads = area.label === leading;
          return (
            <li key={area.id}>
              <Toggle active={leads} onClick={() => keep({ about: leads ? null : { x, y } })}>
                {shortName(area)}
              </Toggle>
              <Act onClick={() => drop(area.inside)}>{say("intent-form-leave-out")}</Act>
            </li>
          );
        })}
      </ul>
      <p className="quiet">{say("intent-form-focus-proposed-inside")}</p>
      <Title order={3} mt="md" mb={6}>
        {say("intent-form-mood")}
      </Title>
      <Choices
        label={say("intent-form-mood")}
        options={MOODS}
        chosen={intent.mood ?? "as-seen"}
        onChoose={(mood) => keep({ mood })}
      />
      <p className="quiet">{say("intent-form-moves-all-planned")}</p>
      <Group gap={16} mt={8}>
        <NumberField
          key={intent.minutes}
          label={say("intent-form-minutes-hand")}
          min={1}
          kept={intent.minutes ?? null}
          onKeep={(minutes) => changes.edit.mutateAsync(change({ minutes }))}
        />
        <TextField
          aria-label={say("intent-form-deadline")}
          placeholder={say("intent-form-deadline-you-write")}
          maxLength={40}
          kept={intent.deadline ?? ""}
          onKeep={(deadline) => keep({ deadline })}
        />
      </Group>
    </>
  );
}

function Sentence({ kept, onKeep }: { kept: string; onKeep: (sentence: string) => void }) {
  const [text, setText] = useState(kept);
  return (
    <Textarea
      label={say("intent-form-what-about-one")}
      maxLength={200}
      value={text}
      onChange={(event) => setText(event.currentTarget.value)}
      onBlur={() => text !== kept && onKeep(text)}
    />
  );
}
