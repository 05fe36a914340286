import { Group, NativeSelect, NumberInput, Title } from "@mantine/core";
import { useState } from "react";
import { ProblemNote } from "../parts/Problem";
import { Swatch } from "../parts/Swatch";
import { figure, say } from "../words/say";
import classes from "./mix.module.css";
import { type Mixture, useWays } from "./queries";
import { partWords } from "./table";

interface Props {
  piece: string;
  mixture: Mixture;
  words: (paint: string) => string;
}

const WARMTH = [
  { value: "-1", label: say("ways-cooler") },
  { value: "0", label: say("ways-warm-meant") },
  { value: "1", label: say("ways-warmer") },
];

/** The mixture otherwise: at its value warmer, cooler, greyer; and corrected by what a test strip dried as. */
export function Ways({ piece, mixture, words }: Props) {
  const [value, setValue] = useState<number | string>("");
  const [warmer, setWarmer] = useState("0");
  const at = useWays(piece, mixture, true);
  const judged = value !== "";
  const seen = { ...mixture, seenValue: Number(value), warmer: Number(warmer) };
  const mended = useWays(piece, seen, judged);
  const problem = at.error ?? mended.error;
  if (problem) return <ProblemNote>{problem.message}</ProblemNote>;
  return (
    <div>
      <Title order={4}>{say("ways-same-value")}</Title>
      <ul>
        {(at.data ?? []).map((way) => (
          <Way key={way.words} way={way} words={words} />
        ))}
      </ul>
      <Group gap={8} my={4}>
        <NumberInput
          label={say("ways-test-strip-dried")}
          min={0}
          max={10}
          step={0.1}
          clampBehavior="strict"
          styles={{ input: { width: 64 } }}
          value={value}
          onChange={setValue}
        />
        <NativeSelect
          label={say("ways-looked")}
          data={WARMTH}
          value={warmer}
          onChange={(event) => setWarmer(event.currentTarget.value)}
        />
      </Group>
      {judged && (
        <ul>
          {(mended.data ?? []).map((way) => (
            <Way key={way.words} way={{ ...way, words: say("ways-mix-instead") }} words={words} />
          ))}
        </ul>
      )}
    </div>
  );
}

interface WayProps {
  way: {
    words: string;
    lab: number[];
    value: number;
    parts: { paint: string; parts: number }[];
    tint: string;
    load: number;
  };
  words: (paint: string) => string;
}

function Way({ way, words }: WayProps) {
  return (
    <li className={classes.way}>
      <Swatch lab={way.lab} h={26} />
      <b>{way.words}</b> <b>{figure(way.value, 1)}</b>{" "}
      {way.tint || way.parts.map((p) => `${partWords(p.parts)} ${words(p.paint)}`).join(" + ")}
    </li>
  );
}
