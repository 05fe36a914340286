import { createContext, type ReactNode, useContext, useMemo, useState } from "react";
import classes from "./parts.module.css";

export type Pair = readonly [string, string];

/** What is lit in the picture: masses by their ids, edges between pairs of them, families of small marks. */
export interface Lit {
  masses: readonly string[];
  edges: readonly Pair[];
  families?: readonly string[];
}

const NOTHING: Lit = { masses: [], edges: [] };

export interface Lighting {
  lit: Lit;
  /** Lights something while it is pointed at, or has the focus; null for nothing. */
  light: (lit: Lit | null) => void;
  /** Keeps it lit, or lets it go where it was kept. */
  hold: (lit: Lit) => void;
  held: Lit | null;
}

const LitContext = createContext<Lighting>({
  lit: NOTHING,
  light: () => undefined,
  hold: () => undefined,
  held: null,
});

export const useLit = () => useContext(LitContext);

/** Everything below shares what is lit. */
export function Lights({ children }: { children: ReactNode }) {
  const [shown, light] = useState<Lit | null>(null);
  const [held, setHeld] = useState<Lit | null>(null);
  const lighting = useMemo(
    () => ({
      lit: shown ?? held ?? NOTHING,
      light,
      held,
      hold: (lit: Lit) => setHeld((before) => (alike(before, lit) ? null : lit)),
    }),
    [shown, held],
  );
  return <LitContext value={lighting}>{children}</LitContext>;
}

const alike = (one: Lit | null, other: Lit) => JSON.stringify(one) === JSON.stringify(other);

interface Mark {
  start: number;
  end: number;
  masses?: string[];
  edges?: [string, string][];
}

interface Props {
  text: string;
  marks?: Mark[];
}

/** A sentence in which every name lights its mass, and every count all that it counts. */
export function Words({ text, marks = [] }: Props) {
  return spans(text, marks).map(({ at, words, mark }) =>
    mark ? (
      <Name key={at} words={words} lit={{ masses: mark.masses ?? [], edges: mark.edges ?? [] }} />
    ) : (
      words
    ),
  );
}

/** A text in its parts, with a mark or without. Marks count characters as the server does, not halves of them. */
export function spans(text: string, marks: readonly Mark[]) {
  const letters = Array.from(text);
  const found: { at: number; words: string; mark?: Mark }[] = [];
  const take = (from: number, to: number, mark?: Mark) =>
    from < to && found.push({ at: from, words: letters.slice(from, to).join(""), mark });
  let at = 0;
  for (const mark of marks) {
    take(at, mark.start);
    take(mark.start, mark.end, mark);
    at = mark.end;
  }
  take(at, letters.length);
  return found;
}

/** A name, or a count, that shows in the picture what it means. */
export function Name({ words, lit }: { words: string; lit: Lit }) {
  const { light, hold, held } = useLit();
  return (
    <button
      type="button"
      className={classes.named}
      aria-pressed={alike(held, lit)}
      onPointerEnter={() => light(lit)}
      onPointerLeave={() => light(null)}
      onFocus={() => light(lit)}
      onBlur={() => light(null)}
      onClick={() => hold(lit)}
    >
      {words}
    </button>
  );
}
