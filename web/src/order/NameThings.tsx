import { Group, Text, TextInput } from "@mantine/core";
import { type ReactNode, useEffect, useState } from "react";
import type { Area, AreaWords, Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { useLit } from "../parts/lit";
import parts from "../parts/parts.module.css";
import { withName, wordsOf } from "../see/areas";
import { Rich, say } from "../words/say";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
  /** What stands here where nothing is left to be named, or that can wait. */
  children: ReactNode;
}

/** The most things that are asked for, the least share of the picture of one, and words to touch. */
const [MOST, LEAST] = [7, 0.01];
const WORDS = (
  ["sky", "water", "ground", "wall", "table", "tree", "house", "figure", "shadow"] as const
).map((word) => say(`name-things-${word}`));
const LATER = "washboard.unnamed.";

/** After the first plan: the largest things one by one on the picture, a word or a touch for each. */
export function NameThings({ piece, plan, changes, children }: Props) {
  const [begun, setBegun] = useState(false);
  const [later, setLater] = useState(() => localStorage.getItem(LATER + piece.id) === "yes");
  const areas = plan.view.areas ?? [];
  const painted = new Set(plan.document.masses.map(({ area }) => area));
  const asked = [...areas]
    .filter(({ id, share }) => share >= LEAST && painted.has(id))
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST);
  const leave = () => {
    localStorage.setItem(LATER + piece.id, "yes");
    setLater(true);
  };
  if (later || asked.length < 2 || areas.some(({ name }) => name)) return children;
  if (!begun)
    return (
      <Group component="p" gap="2 14" className={parts.step}>
        <Rich words={say("name-things-invite")} />
        <Act onClick={() => setBegun(true)}>{say("name-things-begin")}</Act>
        <Act onClick={leave}>{say("name-things-now")}</Act>
      </Group>
    );
  const save = (words: AreaWords | null) => {
    if (words) changes.edit.mutate({ areas: words });
    leave();
  };
  return <Asking plan={plan} asked={asked} words={wordsOf(piece)} onDone={save} />;
}

interface AskingProps {
  plan: Plan;
  asked: Area[];
  words: AreaWords;
  /** Called with what was said, or null where nothing was. */
  onDone: (words: AreaWords | null) => void;
}

/** One thing after the other: lit in the picture, named by a word or a touch, or skipped. */
function Asking({ plan, asked, words, onDone }: AskingProps) {
  const { light } = useLit();
  const [given, setGiven] = useState<ReadonlyMap<string, string>>(new Map());
  const [at, setAt] = useState(0);
  const [typed, setTyped] = useState("");
  const area = asked[at];
  const id = area?.id;
  const { masses } = plan.document;
  useEffect(() => {
    const own = masses.filter((mass) => mass.area === id).map((mass) => mass.id);
    light({ masses: own, edges: [] });
    return () => light(null);
  }, [light, masses, id]);
  const finish = (names: ReadonlyMap<string, string>) => {
    const all = asked.filter((one) => names.has(one.id));
    const said = all.reduce((to, one) => withName(to, one, names.get(one.id) ?? ""), words);
    onDone(all.length ? said : null);
  };
  const next = (name: string) => {
    const names = name ? new Map(given).set(id ?? "", name) : given;
    setGiven(names);
    setTyped("");
    if (at + 1 < asked.length) setAt(at + 1);
    else finish(names);
  };
  const used = new Set(given.values());
  return (
    <form
      className={parts.step}
      onSubmit={(event) => {
        event.preventDefault();
        next(typed.trim());
      }}
    >
      <Group gap="6 12">
        <TextInput
          label={say("name-things-what", { at: at + 1, count: asked.length })}
          data-autofocus
          autoFocus
          maxLength={40}
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
        />
        <Act type="submit">{typed.trim() ? say("name-things-next") : say("name-things-skip")}</Act>
        <Act onClick={() => finish(given)}>{say("name-things-done")}</Act>
      </Group>
      <Group gap="2 12" mt={4}>
        <Text component="span" fz="sm" c="dimmed">
          {say("name-things-touch")}
        </Text>
        {WORDS.filter((word) => !used.has(word)).map((word) => (
          <Act key={word} onClick={() => next(word)}>
            {word}
          </Act>
        ))}
      </Group>
    </form>
  );
}
