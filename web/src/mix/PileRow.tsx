import { Group, Text, Title } from "@mantine/core";
import { useState } from "react";
import type { Board, Pile } from "../api/client";
import { Act } from "../parts/Act";
import { css } from "../parts/colour";
import { Swatch } from "../parts/Swatch";
import { bandName } from "../see/bands";
import { figure, Rich, rounded, say } from "../words/say";
import { ByHand } from "./ByHand";
import classes from "./mix.module.css";
import { PileNotes } from "./PileNotes";
import { partWords, pressureWords } from "./table";
import { type Hand, useHand } from "./useHand";

interface Props {
  piece: string;
  pile: Pile;
  board: Board;
  name: string;
  /** Whether sticks are laid over each other instead of paint being mixed. */
  sticks: boolean;
  /** The earlier pile that would do instead, in words. */
  again: string | null;
  open: boolean;
  onOpen: () => void;
}

type Recipe = Pile["recipes"][number];

/** A pile, with the first of its recipes or another one. */
export function PileRow(props: Props) {
  const [chosen, setChosen] = useState(0);
  const { recipes } = props.pile;
  const recipe = recipes[chosen] ?? recipes[0];
  if (!recipe) return null;
  return (
    <Row
      key={chosen}
      {...props}
      recipe={recipe}
      chosen={chosen}
      onNext={() => setChosen((chosen + 1) % recipes.length)}
    />
  );
}

interface RowProps extends Props {
  recipe: Recipe;
  chosen: number;
  onNext: () => void;
}

/** A pile: its look dry beside the target and wet, the parts as strokes, value, amount; by hand when open. */
function Row(props: RowProps) {
  const { piece, pile, board, name, sticks, again, open, onOpen, recipe, chosen, onNext } = props;
  const hand = useHand(piece, pile, recipe, open);
  const paintOf = (key: string) => board.paints.find((p) => p.key === key);
  return (
    <article className={classes.pile}>
      <Looks pile={pile} hand={hand} sticks={sticks} />
      <div>
        <Title order={3}>{name}</Title>
        <Group component="p" gap="2 18" mt={5}>
          {recipe.parts.map(({ paint }, k) => (
            <Part
              key={paint}
              parts={hand.now.parts[k] ?? 0}
              colour={paintOf(paint)?.strong}
              words={paintOf(paint)?.words}
              sticks={sticks}
              exact={hand.changed || recipe.tint !== ""}
            />
          ))}
        </Group>
        {recipe.tint && !hand.changed && <p>{recipe.tint}</p>}
        <Values pile={pile} recipe={recipe} hand={hand} sticks={sticks} />
        <Group component="p" gap="2 16" mt={5}>
          {!sticks && (
            <Act aria-expanded={open} onClick={onOpen}>
              {open ? say("pile-row-close") : say("pile-row-hand")}
            </Act>
          )}
          {pile.recipes.length > 1 && (
            <Act onClick={onNext}>
              {say("pile-row-another-way", { chosen: chosen + 1, count: pile.recipes.length })}
            </Act>
          )}
          {recipe.says && <span className="quiet">{recipe.says}</span>}
        </Group>
        <PileNotes pile={pile} again={again} deltaE={chosen === 0 ? recipe.deltaE : null} />
        {open && (
          <ByHand piece={piece} pile={pile} recipe={recipe} hand={hand} paints={board.paints} />
        )}
      </div>
      <Text fz="sm" ta="right">
        <b>{matchOf(hand.value - pile.value, hand.seen ? null : recipe.deltaE)}</b>
        {!pile.bandKept && (
          <>
            <br />
            {say("pile-row-leaves", { band: bandName(pile.band, board.bands.length + 1) })}
          </>
        )}
      </Text>
    </article>
  );
}

/** Values, and units of colour, that an eye does not tell apart; from twice as many it is off. */
const [NEAR_VALUE, NEAR_COLOUR] = [0.15, 2];

/** How near a mixture comes: exact, close or off, and which way where it is the value. */
function matchOf(step: number, deltaE: number | null): string {
  const far = Math.abs(step);
  if (far >= 2 * NEAR_VALUE)
    return say(step > 0 ? "pile-row-too-light" : "pile-row-too-dark", { by: rounded(far, 1) });
  if ((deltaE ?? 0) >= 4 * NEAR_COLOUR) return say("pile-row-off-colour");
  return say(far < NEAR_VALUE && (deltaE ?? 0) < NEAR_COLOUR ? "pile-row-exact" : "pile-row-near");
}

interface LooksProps {
  pile: Pile;
  hand: Hand;
  sticks: boolean;
}

/** What lies there, what is wanted, and the mixture dry and wet, side by side. */
function Looks({ pile, hand, sticks }: LooksProps) {
  const columns = [
    { words: say("pile-row-under"), title: say("pile-row-what-lies"), lab: pile.over },
    { words: say("pile-row-wanted"), title: say("pile-row-target"), lab: pile.target },
    {
      words: sticks ? say("pile-row-laid") : say("pile-row-is-dry"),
      title: say("pile-row-dry"),
      lab: hand.dry,
      dry: true,
    },
    ...(sticks
      ? []
      : [{ words: say("pile-row-is-wet"), title: say("pile-row-wet"), lab: hand.wet }]),
  ];
  return (
    <figure className={classes.looks} data-sticks={sticks}>
      {columns.map(({ words, title, lab, dry }) => (
        <Swatch key={words} lab={lab} title={title} h={84} mod={{ look: dry && "dry" }} />
      ))}
      {columns.map(({ words }) => (
        <Text key={words} component="figcaption" fz="xs" c="dimmed">
          {words}
        </Text>
      ))}
    </figure>
  );
}

interface PartProps {
  parts: number;
  colour: readonly number[] | undefined;
  words: string | undefined;
  sticks: boolean;
  /** Whether the part is told to a tenth, as it is while it is changed by hand. */
  exact: boolean;
}

/** A paint of a mixture: a stroke as long as its part, the part and its name. */
function Part({ parts, colour = [50, 0, 0], words, sticks, exact }: PartProps) {
  const told = sticks ? pressureWords(parts) : exact ? figure(parts, 1) : partWords(parts);
  return (
    <span>
      <Stroke parts={parts * (sticks ? 6 : 1)} colour={css(colour)} /> <b>{told}</b> {words}
    </span>
  );
}

/** The values to mix it at and by, the amount, the layers. */
function Values({ pile, recipe, hand, sticks }: LooksProps & { recipe: Recipe }) {
  const { graded, ml } = pile;
  const figures = { value: rounded(hand.value, 1), count: recipe.layers };
  const words = sticks
    ? say("pile-row-sticks", figures)
    : say("pile-row-mix-to", { ...figures, wet: rounded(hand.valueWet, 1), ml: rounded(ml, 1) });
  const [from = 0, to = 0] = graded ?? [];
  return (
    <Text mt={5}>
      <Rich words={words} />
      {graded && ` · ${say("pile-row-graded", { from: rounded(from, 1), to: rounded(to, 1) })}`}
    </Text>
  );
}

/** A brush stroke whose length is the part. */
function Stroke({ parts, colour }: { parts: number; colour: string }) {
  const long = 12 + 9 * Math.min(8, parts);
  return (
    <svg width={long} height={12} viewBox={`0 0 ${long} 12`} aria-hidden="true">
      <path
        d={`M4 2.5Q1 6 3 9.5Q${long / 2} 11.5 ${long - 5} 10L${long - 1} 7.5L${long - 4} 6L${long} 4Q${long / 2} 0.5 4 2.5Z`}
        fill={colour}
        stroke="var(--line)"
        strokeWidth={0.8}
      />
    </svg>
  );
}
