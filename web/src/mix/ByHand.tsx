import { Group, Slider, Stack } from "@mantine/core";
import type { Board, Pile } from "../api/client";
import { Act } from "../parts/Act";
import { say } from "../words/say";
import type { Hand } from "./useHand";
import { Ways } from "./Ways";

interface Props {
  piece: string;
  pile: Pile;
  recipe: Pile["recipes"][number];
  hand: Hand;
  paints: Board["paints"];
}

const MOST = 12;

/** The mixture by hand: a slider for each paint, thinner or stronger, and its other ways. */
export function ByHand({ piece, pile, recipe, hand, paints }: Props) {
  const words = (key: string) =>
    paints.find((p) => p.key === key)?.words ?? key.replaceAll("-", " ");
  const { parts, load } = recipe;
  return (
    <Stack gap={4} mt={6}>
      {parts.map(({ paint }, k) => (
        <Group key={paint} gap={10} wrap="nowrap" mih={28} data-arrows>
          <span style={{ flex: "none", width: 150 }}>{words(paint)}</span>
          <Slider
            flex={1}
            min={0}
            max={MOST}
            step={0.1}
            thumbLabel={words(paint)}
            value={hand.now.parts[k] ?? 0}
            onChange={(to) => hand.setPart(k, to)}
          />
        </Group>
      ))}
      <Group gap={16}>
        <Act onClick={hand.thinner}>{say("by-hand-thinner")}</Act>
        <Act onClick={hand.stronger}>{say("by-hand-stronger")}</Act>
        {hand.changed && <Act onClick={hand.reset}>{say("by-hand-reset")}</Act>}
      </Group>
      <Ways
        piece={piece}
        mixture={{ parts, load, target: pile.target, over: pile.over }}
        words={words}
      />
    </Stack>
  );
}
