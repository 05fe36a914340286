import { useMemo, useState } from "react";
import type { Pile } from "../api/client";
import { useMixTable } from "./queries";
import { looks } from "./table";

const STEP = 1.12;

/** A mixture changed by hand: its parts and how thick it lies, looked up in a table while the hand moves. */
export function useHand(piece: string, pile: Pile, recipe: Pile["recipes"][number], open: boolean) {
  const [hand, setHand] = useState<{ parts: number[]; load: number } | null>(null);
  const keys = recipe.parts.map((part) => part.paint);
  const table = useMixTable(piece, keys, pile.over, open);
  const given = useMemo(
    () => ({ parts: recipe.parts.map((part) => part.parts), load: recipe.load }),
    [recipe],
  );
  const now = hand ?? given;
  const seen = hand && table.data ? looks(table.data, now.parts, now.load) : null;
  return {
    now,
    /** Whether something was changed by hand. */
    changed: hand !== null,
    seen,
    dry: seen?.dry ?? recipe.lab,
    wet: seen?.wet ?? recipe.labWet,
    value: seen?.dry[3] ?? recipe.value,
    valueWet: seen?.wet[3] ?? recipe.valueWet,
    setPart: (k: number, to: number) => {
      const start = performance.now();
      setHand({ ...now, parts: now.parts.map((p, n) => (n === k ? to : p)) });
      requestAnimationFrame(() => performance.measure("mixed", { start, end: performance.now() }));
    },
    thinner: () => setHand({ ...now, load: now.load / STEP }),
    stronger: () => setHand({ ...now, load: now.load * STEP }),
    reset: () => setHand(null),
  };
}

export type Hand = ReturnType<typeof useHand>;
