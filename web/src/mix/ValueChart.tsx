import { SimpleGrid, Text, Title } from "@mantine/core";
import type { Board, Pile } from "../api/client";
import { css, takesWhite } from "../parts/colour";
import { figure, Rich, rounded, say } from "../words/say";
import classes from "./mix.module.css";
import { type Column, columnOf } from "./table";

interface Props {
  board: Board;
  /** The pass at hand, whose mixtures are marked. */
  now: string;
  /** Value of the bare surface, the lightest that transparent paint leaves. */
  bare: number;
  nameOf: (pile: Pile) => string;
}

const COLUMNS: Column[] = ["light", "middle", "dark"];
const WORDS = {
  light: say("value-chart-light"),
  middle: say("value-chart-middle"),
  dark: say("value-chart-dark"),
};
const NEAR = 0.3;
const MOST = 12;

/** The whole piece in three columns: every mixture where its band puts it, and which are near a border. */
export function ValueChart({ board, now, bare, nameOf }: Props) {
  const bands = board.bands.length;
  const piles = distinct(board.piles);
  const close = piles
    .filter((pile) => pile.nearest < NEAR && pile.ml > 0.5)
    .sort((a, b) => a.nearest - b.nearest)[0];
  const bareIn = columnOf(board.bands.filter((b) => b < bare).length, bands);
  return (
    <>
      <Title order={3}>{say("value-chart-whole-piece-three")}</Title>
      <SimpleGrid cols={3} spacing={10} my={8} className={classes.columns}>
        {COLUMNS.map((column) => (
          <div key={column}>
            <Title order={4}>{WORDS[column]}</Title>
            <ul>
              {bareIn === column && (
                <Cell
                  words={say("value-chart-bare")}
                  title={say("value-chart-bare-surface")}
                  lab={[10 * bare, 0, 0]}
                />
              )}
              {piles
                .filter((pile) => columnOf(pile.band, bands) === column)
                .sort((a, b) => b.value - a.value)
                .slice(0, MOST)
                .map((pile) => (
                  <Cell
                    key={pile.masses.join() + pile.end}
                    words={figure(pile.value, 1)}
                    title={nameOf(pile)}
                    lab={pile.recipes[0]?.lab ?? pile.target}
                    now={pile.pass === now}
                  />
                ))}
            </ul>
          </div>
        ))}
      </SimpleGrid>
      {close && (
        <Text>
          <Rich
            words={say("value-chart-near", {
              mixture: nameOf(close),
              value: rounded(close.value, 1),
              by: rounded(close.nearest, 1),
            })}
          />
        </Text>
      )}
    </>
  );
}

/** Piles without those that look like one before: value to a tenth, colour within four of Lab. */
function distinct(piles: Pile[]): Pile[] {
  const seen = new Set<string>();
  return piles.filter((pile) => {
    const key = `${pile.value.toFixed(1)} ${pile.target.map((c) => Math.round(c / 4)).join()}`;
    const isNew = !seen.has(key);
    seen.add(key);
    return isNew;
  });
}

interface CellProps {
  words: string;
  title: string;
  lab: readonly number[];
  now?: boolean;
}

function Cell({ words, title, lab, now }: CellProps) {
  return (
    <li data-now={now} data-dark={takesWhite(lab)} style={{ background: css(lab) }} title={title}>
      {words}
    </li>
  );
}
