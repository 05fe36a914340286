import type { Board } from "../api/client";
import { css } from "../parts/colour";
import classes from "./mix.module.css";
import { type Column, columnOf } from "./table";

interface Props {
  board: Board;
  /** The pass at hand, whose mixtures are marked. */
  now: string;
  /** Value of the bare surface, the lightest that transparent paint leaves. */
  bare: number;
  nameOf: (pile: Board["piles"][number]) => string;
}

const COLUMNS: Column[] = ["light", "middle", "dark"];
const WORDS = { light: "Light", middle: "Middle", dark: "Dark" };
const NEAR = 0.3;

/** The whole piece in three columns: every mixture where its band puts it, and which are near a border. */
export function ValueChart({ board, now, bare, nameOf }: Props) {
  const bands = board.bands.length;
  const seen = new Set<string>();
  const piles = board.piles.filter((pile) => {
    const key = `${pile.value.toFixed(1)} ${pile.target.map((c) => Math.round(c / 4)).join()}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
  const close = piles
    .filter((pile) => pile.nearest < NEAR && pile.ml > 0.5)
    .sort((a, b) => a.nearest - b.nearest)[0];
  return (
    <>
      <h3>The whole piece in three columns</h3>
      <div className={classes.columns}>
        {COLUMNS.map((column) => (
          <div key={column}>
            <h4>{WORDS[column]}</h4>
            <ul>
              {columnOf(board.bands.filter((b) => b < bare).length, bands) === column && (
                <li
                  data-dark={bare < 5}
                  style={{ background: `lab(${10 * bare} 0 0)` }}
                  title="The bare surface"
                >
                  bare
                </li>
              )}
              {piles
                .filter((pile) => columnOf(pile.band, bands) === column)
                .sort((a, b) => b.value - a.value)
                .slice(0, 12)
                .map((pile) => (
                  <li
                    key={pile.masses.join() + pile.end}
                    data-now={pile.pass === now}
                    data-dark={pile.value < 5}
                    style={{ background: css(pile.recipes[0]?.lab ?? pile.target) }}
                    title={nameOf(pile)}
                  >
                    {pile.value.toFixed(1)}
                  </li>
                ))}
            </ul>
          </div>
        ))}
      </div>
      {close && (
        <p>
          <b>
            {nameOf(close)} {close.value.toFixed(1)}
          </b>{" "}
          is {close.nearest.toFixed(1)} from the border of its band: keep it there.
        </p>
      )}
    </>
  );
}
