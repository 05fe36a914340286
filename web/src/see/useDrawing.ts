import { useState } from "react";
import type { Piece } from "../api/client";
import type { useChanges } from "../api/hooks";
import { type Place, withStroke, wordsOf } from "./areas";

/** Splitting an area takes two lines; the first waits for the second. */
interface Split {
  on: boolean;
  first: Place[] | null;
}

/** The chosen area, and what a line drawn over the picture comes to: an area, or half of a split. */
export function useDrawing(piece: Piece, changes: ReturnType<typeof useChanges>) {
  const [area, setArea] = useState<string | null>(null);
  const [split, setSplit] = useState<Split>({ on: false, first: null });
  const draw = (line: Place[]) => {
    if (split.on && !split.first) return setSplit({ on: true, first: line });
    const words = wordsOf(piece);
    const areas = split.first ? withStroke(words, split.first, line) : withStroke(words, line);
    setSplit({ on: false, first: null });
    changes.edit.mutate({ areas });
  };
  const toggleSplit = () => setSplit({ on: !split.on, first: null });
  return { area, setArea, split, toggleSplit, draw };
}
