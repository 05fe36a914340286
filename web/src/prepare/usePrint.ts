import { useState } from "react";
import type { Piece } from "../api/client";

/** How the outline is drawn, and the addresses of its drawings. */
export function usePrint(piece: Piece) {
  const [detail, setDetail] = useState(1.5);
  const [paper, setPaper] = useState("A4");
  const [grid, setGrid] = useState(1);
  const [mirrored, setMirrored] = useState(false);
  const [light, setLight] = useState(false);
  const url = (ending: "svg" | "pdf", more: Record<string, string> = {}) => {
    const query = new URLSearchParams({
      detail: String(detail),
      columns: String(grid),
      rows: String(grid),
      mirrored: String(mirrored),
      light: String(light),
      revision: String(piece.revision),
      ...(ending === "pdf" && paper ? { paper } : {}),
      ...more,
    });
    return `/api/pieces/${piece.id}/transfer.${ending}?${query}`;
  };
  return {
    detail,
    setDetail,
    paper,
    setPaper,
    grid,
    setGrid,
    mirrored,
    setMirrored,
    light,
    setLight,
    url,
  };
}

export type Print = ReturnType<typeof usePrint>;
