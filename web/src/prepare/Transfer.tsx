import { useState } from "react";
import type { Piece } from "../api/client";
import { Choices } from "../parts/Choices";
import classes from "./prepare.module.css";

const DETAILS = [
  { key: 0.5, words: "fine, 0.5 mm" },
  { key: 1.5, words: "plain, 1.5 mm" },
  { key: 4, words: "coarse, 4 mm" },
];
const STUDIES = [
  { bands: 2, words: "Notan" },
  { bands: 3, words: "Three values" },
  { bands: 5, words: "Five values" },
];
const PAPERS = ["", "A4", "A3", "Letter"].map((key) => ({
  key,
  words: key ? `on ${key} pages` : "one page",
}));
const GRIDS = [1, 2, 3, 4, 5, 6, 8, 10].map((key) => ({
  key,
  words: key === 1 ? "no grid" : `${key} × ${key}`,
}));

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

/** The outline in true size: detail, grid, paper, mirrored, light lines; as PDF, SVG or projected. */
export function Transfer({ print, piece }: { print: ReturnType<typeof usePrint>; piece: Piece }) {
  const study = (bands: number, ending: "png" | "pdf") =>
    `/api/pieces/${piece.id}/study.${ending}?bands=${bands}&revision=${piece.revision}${ending === "pdf" && print.paper ? `&paper=${print.paper}` : ""}`;
  return (
    <>
      <Choices
        label="Detail"
        className={classes.acts}
        options={DETAILS}
        chosen={print.detail}
        onChoose={print.setDetail}
      />
      <Choices
        label="Grid"
        className={classes.acts}
        options={GRIDS}
        chosen={print.grid}
        onChoose={print.setGrid}
      />
      <p className={classes.acts} role="group" aria-label="Lines">
        <button
          type="button"
          aria-pressed={print.mirrored}
          onClick={() => print.setMirrored(!print.mirrored)}
        >
          mirrored, to rub through
        </button>
        <button
          type="button"
          aria-pressed={print.light}
          onClick={() => print.setLight(!print.light)}
        >
          light lines, for a dark ground
        </button>
      </p>
      <Choices
        label="Paper"
        className={classes.acts}
        options={PAPERS}
        chosen={print.paper}
        onChoose={print.setPaper}
      />
      <p className={classes.go}>
        <a href={print.url("pdf")} download>
          Print it (PDF)
        </a>
        <a href={print.url("svg")} download>
          Drawing (SVG)
        </a>
        <a href={print.url("svg", { light: "true" })} target="_blank" rel="noreferrer">
          Project it
        </a>
      </p>
      <h3>Studies in a few values</h3>
      <ul className={classes.studies}>
        {STUDIES.map(({ bands, words }) => (
          <li key={bands}>
            <a href={study(bands, "png")} target="_blank" rel="noreferrer">
              <img src={study(bands, "png")} alt={`In ${bands} values`} />
            </a>
            {words} ·{" "}
            <a href={study(bands, "pdf")} download={`study-${bands}.pdf`}>
              print it
            </a>
          </li>
        ))}
      </ul>
      <p className="quiet">
        True size. Every page has a line of exactly 100 mm to check the print by, and marks where it
        meets its neighbours. A projector fills its picture: measure the frame on the sheet.
      </p>
    </>
  );
}
