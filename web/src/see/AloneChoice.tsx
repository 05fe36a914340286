import { Group, Toggle } from "@mantine/core";
import { Meter } from "../parts/Meter";
import { say } from "../words/say";
import { ALL, type Alone } from "./alone";
import { bandName } from "./bands";

interface Props {
  alone: Alone;
  bands: number;
  onAlone: (alone: Alone) => void;
}

const STEPS = [2, 3, 4, 5, 6, 7, 8, 9];
const PLAIN: { words: string; to: Alone }[] = [
  { words: say("alone-choice-everything"), to: ALL },
  { words: say("alone-choice-lights"), to: { kind: "lights" } },
  { words: say("alone-choice-accents"), to: { kind: "accents" } },
  { words: say("alone-choice-mass-pointed"), to: { kind: "chosen" } },
];

/** What is shown alone: lights, accents, what is pointed at, a band, or all that is darker than a value. */
export function AloneChoice({ alone, bands, onAlone }: Props) {
  const than = alone.kind === "darker" ? alone.than : 0;
  return (
    <Group gap="6 8" pb={12} role="group" aria-label={say("alone-choice-show-alone")}>
      {say("alone-choice-show")}
      {PLAIN.map(({ words, to }) => (
        <Toggle key={words} active={alone.kind === to.kind} onClick={() => onAlone(to)}>
          {words}
        </Toggle>
      ))}
      <span>
        {say("alone-choice-than")}{" "}
        <Meter
          label={say("alone-choice-darker-than")}
          values={STEPS}
          value={than}
          onChange={(to) => onAlone({ kind: "darker", than: to })}
        />{" "}
        <b>{than || ""}</b>
      </span>
      {alone.kind === "band" && (
        <b>{say("alone-choice-only", { band: bandName(alone.band, bands) })}</b>
      )}
    </Group>
  );
}
