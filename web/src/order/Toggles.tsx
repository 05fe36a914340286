import { Group, Kbd, UnstyledButton } from "@mantine/core";
import { say } from "../words/say";
import classes from "./order.module.css";
import type { Looking } from "./Stage";

interface Props {
  looking: Looking;
  onToggle: (what: "values" | "reference" | "outlines" | "where" | "hand" | "edges") => void;
  onSquint: (on: boolean) => void;
}

const WAYS = [
  ["values", "V", say("toggles-values-only")],
  ["reference", "R", say("toggles-photo")],
  ["outlines", "O", say("toggles-outlines")],
  ["where", "W", say("toggles-where")],
  ["hand", "H", say("toggles-hand")],
  ["edges", "E", say("toggles-edges")],
] as const;

/** Ways of looking at the picture, each with its key; the squint lasts as long as it is held. */
export function Toggles({ looking, onToggle, onSquint }: Props) {
  return (
    <Group gap="2 6" className={classes.toggles}>
      {WAYS.map(([what, key, words]) => (
        <UnstyledButton key={what} aria-pressed={looking[what]} onClick={() => onToggle(what)}>
          <Kbd>{key}</Kbd> {words}
        </UnstyledButton>
      ))}
      <UnstyledButton
        aria-pressed={looking.squint}
        onPointerDown={() => onSquint(true)}
        onPointerUp={() => onSquint(false)}
        onPointerLeave={() => onSquint(false)}
        onKeyDown={(event) => event.key === " " && onSquint(true)}
        onKeyUp={(event) => event.key === " " && onSquint(false)}
      >
        <Kbd>Q</Kbd> {say("toggles-squint")}
      </UnstyledButton>
    </Group>
  );
}
