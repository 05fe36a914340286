import { Text } from "@mantine/core";
import type { Pile } from "../api/client";
import { rounded, say } from "../words/say";

interface Props {
  pile: Pile;
  /** The earlier pile that would do instead, in words. */
  again: string | null;
  /** By how much the palette's best misses the target; null while another recipe is shown. */
  deltaE: number | null;
}

/** Units of lightness from which the settling of a paint is seen. */
const GRAINY = 1.5;

/** What else is known of a pile: how it lifts and settles, what would do instead, which paint would help. */
export function PileNotes({ pile, again, deltaE }: Props) {
  const { dust, liftsTo, grain, helps } = pile;
  return (
    <>
      {dust && (
        <Text mt={5} c="dimmed">
          {say("pile-notes-leaves-tooth-rubbed", {
            tooth: Math.round(100 * dust.tooth),
            rubbed: rounded(dust.rubbed, 1),
            fixed: rounded(dust.fixed, 1),
          })}
        </Text>
      )}
      {liftsTo != null && (
        <Text mt={5} c="dimmed">
          {say((grain ?? 0) > GRAINY ? "pile-notes-lifts-granulates" : "pile-notes-lifts", {
            value: rounded(liftsTo, 1),
          })}
        </Text>
      )}
      {again && pile.again && (
        <Text mt={5}>
          {say(
            pile.again.strength < 0.95 ? "pile-notes-again-thinner" : "pile-notes-again-stronger",
            {
              mixture: again,
            },
          )}
        </Text>
      )}
      {helps && deltaE !== null && (
        <Text mt={5}>{say("pile-notes-your-paints-come", { helps: helps.words })}</Text>
      )}
    </>
  );
}
