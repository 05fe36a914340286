import { useState } from "react";
import type { Piece } from "../api/client";
import type { Place } from "../parts/line";
import type { Room } from "../pieces/PieceRoom";
import { toReference } from "../prepare/arrangement";

export type OwnMark = NonNullable<Piece["settings"]["ownMarks"]>[number];

/** Lines that the painter draws on the picture, each a small mark of its own. */
export function useHandDrawing({ piece, plan, changes }: Room) {
  const [drawing, setDrawing] = useState(false);
  const own = piece.settings.ownMarks ?? [];
  const keep = (marks: OwnMark[]) => changes.edit.mutateAsync({ ownMarks: marks });
  const draw = (line: Place[]) => {
    setDrawing(false);
    const points = line.map((place) => {
      const { x, y } = toReference(plan.view, place);
      return [x, y] as [number, number];
    });
    keep([...own, { points, widthMm: 1, value: DARK, name: "" }]);
  };
  const change = (k: number, by: Partial<OwnMark>) =>
    keep(own.map((mark, at) => (at === k ? { ...mark, ...by } : mark)));
  const remove = (k: number) => keep(own.filter((_, at) => at !== k));
  return { drawing, setDrawing, draw, own, change, remove };
}

/** The value that a line is drawn with until another is given: a dark that tells on most. */
const DARK = 2.5;

export type HandDrawing = ReturnType<typeof useHandDrawing>;
