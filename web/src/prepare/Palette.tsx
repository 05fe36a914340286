import { Group, SimpleGrid, Text, Title, Toggle } from "@mantine/core";
import type { Plan, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { nameIn } from "../parts/masses";
import { percent } from "../parts/percent";
import { Swatch } from "../parts/Swatch";
import { Rich, rounded, say } from "../words/say";
import classes from "./prepare.module.css";

interface Props {
  plan: Plan;
  prepared: Prepared;
  changes: ReturnType<typeof useChanges>;
}

type Palette = Prepared["palette"];
const FEWEST = 2;
const MOST = 16;

/** Which paints come along, what of the picture they reach, and which exchange would help most. */
export function Palette({ plan, prepared, changes }: Props) {
  const { paints, share, mean, missed } = prepared.palette;
  const chosen = paints.filter((p) => p.chosen).map((p) => p.key);
  const take = (palette: string[]) => changes.edit.mutate({ palette });
  return (
    <>
      <Text my={8} fz={15.5} title={say("palette-within-e-average", { mean: rounded(mean, 1) })}>
        <Rich words={say("palette-reach", { count: chosen.length, share: percent(share) })} />
      </Text>
      <Offers palette={prepared.palette} chosen={chosen} onTake={take} />
      <SimpleGrid
        component="ul"
        className={classes.paints}
        cols={3}
        spacing={10}
        verticalSpacing={4}
        my={10}
      >
        {paints.map((paint) => (
          <PaintChoice
            key={paint.key}
            paint={paint}
            needed={paint.chosen && chosen.length <= FEWEST}
            onToggle={() =>
              take(paint.chosen ? chosen.filter((k) => k !== paint.key) : [...chosen, paint.key])
            }
          />
        ))}
      </SimpleGrid>
      {missed.length > 0 && (
        <>
          <Title order={3}>{say("palette-out-reach-furthest")}</Title>
          <ul className={classes.missed}>
            {missed.slice(0, 6).map(({ mass, lab, apart }) => (
              <li key={mass} title={`ΔE₀₀ ${apart.toFixed(0)}`}>
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
  onTake: (palette: string[]) => void;
}

/** Other palettes: what reaches the picture best, what stands on the shelf, one paint exchanged. */
function Offers({ palette, chosen, onTake }: OffersProps) {
  const { paints, swap, proposed, proposedShare } = palette;
  const words = (key: string) => paints.find((p) => p.key === key)?.words ?? key;
  const other = (keys: string[]) => [...keys].sort().join() !== [...chosen].sort().join();
  const mine = paints.flatMap((p) => (p.own ? [p.key] : [])).slice(0, MOST);
  return (
    <>
      {other(proposed) && (
        <p>
          <Act title={proposed.map(words).join(", ")} onClick={() => onTake(proposed)}>
            {say("palette-take-reach-best", { count: proposed.length })}
          </Act>
          : {percent(proposedShare)}
        </p>
      )}
      {mine.length >= FEWEST && other(mine) && (
        <p>
          <Act title={mine.map(words).join(", ")} onClick={() => onTake(mine)}>
            {say("palette-take-your-shelf", { count: mine.length })}
          </Act>
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
  /** Whether it is one of the last two, which stay. */
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
