import { useState } from "react";
import type { useChanges } from "../api/hooks";
import type { Place } from "../parts/line";
import { STROKE, withStroke, wordsOf } from "./areas";

/** What the next line means: over a thing, roughly round it, across areas to join, or one side of a split. */
export const WAYS = ["over", "round", "join", "split"] as const;
export type Way = (typeof WAYS)[number];

/** The chosen area, and what a drawn line comes to; a split takes two lines, the first waits. */
export function useDrawing(changes: ReturnType<typeof useChanges>) {
  const [area, setArea] = useState<string | null>(null);
  const [way, setWay] = useState<Way>("over");
  const [first, setFirst] = useState<Place[] | null>(null);
  const take = (to: Way) => {
    setWay(to);
    setFirst(null);
  };
  const draw = (line: Place[]) => {
    if (way === "split" && !first) return setFirst(line);
    const stroke = {
      ...STROKE,
      points: first ?? line,
      against: first ? line : null,
      closed: way === "round",
      joins: way === "join",
    };
    take("over");
    changes.edit.mutate((now) => ({ areas: withStroke(wordsOf(now), stroke) }));
  };
  return { area, setArea, way, take, first, draw };
}
