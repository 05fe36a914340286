import { useState } from "react";
import type { Borrowed, Piece, Reference } from "../api/client";
import type { useChanges } from "../api/hooks";
import type { Place } from "../parts/line";

/** How wide a borrowed thing comes in, as a share of the width it takes on its own photo. */
const PART = 0.5;

/** What is done with photos in the reference look: a thing cut out of another, placed, left out. */
export function usePhotos(piece: Piece, changes: ReturnType<typeof useChanges>) {
  const [cutting, setCutting] = useState<Reference | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const [marked, setMarked] = useState(false);
  const borrowed = piece.settings.borrowed ?? [];
  const put = (to: Borrowed[]) => changes.edit.mutate({ borrowed: to });
  return {
    cutting,
    setCutting,
    marked,
    setMarked,
    borrowed,
    chosen: chosen !== null && chosen < borrowed.length ? chosen : null,
    choose: setChosen,
    cut: (outline: Place[]) => {
      if (!cutting) return;
      const across = outline.map(({ x }) => x);
      const width = Math.min(1, PART * (Math.max(...across) - Math.min(...across)));
      const thing = { photo: cutting.hash, outline, x: 0.5, y: 0.5, width: Math.max(0.02, width) };
      setCutting(null);
      setChosen(borrowed.length);
      put([...borrowed, { ...thing, flipped: false }]);
    },
    change: (k: number, to: Partial<Borrowed>) =>
      put(borrowed.map((thing, n) => (n === k ? { ...thing, ...to } : thing))),
    leave: (k: number) => {
      setChosen(null);
      put(borrowed.filter((_, n) => n !== k));
    },
  };
}

/** Where the outline of a borrowed thing lies on the main reference; sizes in pixels of both photos. */
export function placedOutline(
  { outline, x, y, width, flipped }: Borrowed,
  other: { width: number; height: number },
  main: { width: number; height: number },
): Place[] {
  const ends = (of: number[]) => ({ low: Math.min(...of), high: Math.max(...of) });
  const across = ends(outline.map((p) => p.x));
  const down = ends(outline.map((p) => p.y));
  const scale = width / (across.high - across.low);
  const tall = (scale * (other.height / other.width) * main.width) / main.height;
  return outline.map((p) => ({
    x: x + (flipped ? -1 : 1) * scale * (p.x - (across.low + across.high) / 2),
    y: y + tall * (p.y - (down.low + down.high) / 2),
  }));
}
