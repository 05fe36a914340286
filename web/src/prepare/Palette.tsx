import { Group, SimpleGrid, Text, Title, Toggle } from "@mantine/core";
import type { Piece, Plan, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { nameIn } from "../parts/masses";
import { percent } from "../parts/percent";
import { Swatch } from "../parts/Swatch";
import { useShelf } from "../shelf/useShelf";
import { figure, Rich, rounded, say } from "../words/say";
import { Pairs } from "./Pairs";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  prepared: Prepared;
  changes: ReturnType<typeof useChanges>;
}

type Palette = Prepared["palette"];
const MOST = 16;

/** Which paints or sticks come along, what of the picture they reach, and which exchange would help most. */
export function Palette({ piece, plan, prepared, changes }: Props) {
  const { paints, share, mean, missed, limits } = prepared.palette;
  const sticks = plan.document.medium === "pastel";
  const chosen = paints.filter((p) => p.chosen).map((p) => p.key);
  const take = (palette: string[]) => changes.edit.mutate({ palette });
  const choices = paints.map((paint) => ({
    paint,
    needed: paint.chosen && chosen.length === 1,
    onToggle: () =>
      take(paint.chosen ? chosen.filter((k) => k !== paint.key) : [...chosen, paint.key]),
  }));
  return (
    <>
      <Text my={8} fz={15.5} title={say("palette-within-e-average", { mean: rounded(mean, 1) })}>
        <Rich
          words={say(sticks ? "palette-sticks-reach" : "palette-reach", {
            count: chosen.length,
            share: percent(share),
          })}
        />
      </Text>
      {limits.map((limit) => (
        <p key={limit}>{limit}</p>
      ))}
      <Offers palette={prepared.palette} chosen={chosen} sticks={sticks} onTake={take} />
      {sticks ? (
        <StickBox choices={choices} />
      ) : (
        <>
          <SimpleGrid
            component="ul"
            className={classes.paints}
            cols={3}
            spacing={10}
            verticalSpacing={4}
            my={10}
          >
            {choices.map((choice) => (
              <PaintChoice key={choice.paint.key} {...choice} />
            ))}
          </SimpleGrid>
          <Pairs piece={piece} paints={paints} changes={changes} />
        </>
      )}
      {missed.length > 0 && (
        <>
          <Title order={3}>{say("palette-out-reach-furthest")}</Title>
          <ul className={classes.missed}>
            {missed.slice(0, 6).map(({ mass, lab, apart }) => (
              <li key={mass} title={`ΔE₀₀ ${figure(apart, 0)}`}>
                <Swatch lab={lab} w={26} h={13} mr={8} />
                {nameIn(plan, mass)}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="quiet">{say("palette-looks-mixtures-modelled")}</p>
    </>
  );
}

interface OffersProps {
  palette: Palette;
  chosen: string[];
  sticks: boolean;
  onTake: (palette: string[]) => void;
}

/** Other palettes: what reaches the picture best, what stands on the shelf, one paint exchanged or more. */
function Offers({ palette, chosen, sticks, onTake }: OffersProps) {
  const { paints, swap, more, proposed, proposedShare } = palette;
  const words = (key: string) => paints.find((p) => p.key === key)?.words ?? key;
  const other = (keys: string[]) => [...keys].sort().join() !== [...chosen].sort().join();
  const shelf = useShelf().data?.items ?? [];
  const mine = sticks
    ? shelf.flatMap((item) => (item.kind === "stick" ? [item.like] : []))
    : paints.flatMap((p) => (p.own ? [p.key] : [])).slice(0, MOST);
  return (
    <>
      {other(proposed) && (
        <p>
          <Act title={proposed.map(words).join(", ")} onClick={() => onTake(proposed)}>
            {say(sticks ? "palette-take-sticks-best" : "palette-take-reach-best", {
              count: proposed.length,
            })}
          </Act>
          : {percent(proposedShare)}
        </p>
      )}
      {mine.length > 0 && other(mine) && (
        <p>
          <Act title={mine.map(words).join(", ")} onClick={() => onTake(mine)}>
            {say(sticks ? "palette-take-shelf-sticks" : "palette-take-your-shelf", {
              count: mine.length,
            })}
          </Act>
        </p>
      )}
      {sticks && chosen.length < paints.length && (
        <p>
          <Act onClick={() => onTake([])}>{say("palette-take-whole-set")}</Act>
        </p>
      )}
      {more && chosen.length < (sticks ? paints.length : MOST) && (
        <p>
          <Act onClick={() => onTake([...chosen, more.key])}>
            {say("palette-take-more", { what: words(more.key) })}
          </Act>
          : {percent(more.share)}
        </p>
      )}
      {swap && (
        <p>
          <Act onClick={() => onTake([...chosen.filter((k) => k !== swap.out), swap.in])}>
            {say("palette-swap", { taken: words(swap.in), left: words(swap.out) })}
          </Act>
          {swap.share !== null && `: ${percent(swap.share)}`}
        </p>
      )}
    </>
  );
}

interface ChoiceProps {
  paint: Palette["paints"][number];
  /** Whether it is the last one, which stays. */
  needed: boolean;
  onToggle: () => void;
}

/** A paint with its look strong and thin, taken along or not. */
function PaintChoice({ paint, needed, onToggle }: ChoiceProps) {
  return (
    <li>
      <Toggle
        variant="line"
        className={classes.paint}
        active={paint.chosen}
        disabled={needed}
        title={paint.caution || undefined}
        onClick={onToggle}
      >
        <Group component="span" gap={0} wrap="nowrap">
          <Swatch lab={paint.strong} bd="0" w={18} h={30} />
          <Swatch lab={paint.thin} bd="0" w={18} h={30} />
        </Group>
        <span>
          {paint.words} <small>{paint.index}</small>
        </span>
      </Toggle>
    </li>
  );
}

/** Sticks of one colour in the set. */
const STEPS = 6;

/** The set of sticks, a row for each colour from its darkest to its lightest, taken along or not. */
function StickBox({ choices }: { choices: ChoiceProps[] }) {
  const rows = choices.flatMap((_, k) => (k % STEPS ? [] : [choices.slice(k, k + STEPS)]));
  return (
    <ul className={classes.box}>
      {rows.map((row) => (
        <li key={row[0]?.paint.key}>
          <span>{row[1]?.paint.words.split(" ").slice(1).join(" ")}</span>
          {row.map(({ paint, needed, onToggle }) => (
            <button
              key={paint.key}
              type="button"
              className={classes.stick}
              aria-pressed={paint.chosen}
              aria-label={paint.words}
              title={paint.words}
              disabled={needed}
              onClick={onToggle}
            >
              <Swatch lab={paint.strong} bd="0" w="100%" h="100%" />
            </button>
          ))}
        </li>
      ))}
    </ul>
  );
}
