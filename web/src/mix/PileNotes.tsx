import { Text } from "@mantine/core";
import type { Pile } from "../api/client";

interface Props {
  pile: Pile;
  /** The earlier pile that would do instead, in words. */
  again: string | null;
  /** By how much the palette's best misses the target; null while another recipe is shown. */
  deltaE: number | null;
}

/** What else is known of a pile: how it lifts and settles, what would do instead, which paint would help. */
export function PileNotes({ pile, again, deltaE }: Props) {
  const { dust, liftsTo, grain, helps } = pile;
  const rough = (grain ?? 0) > 1.5 ? ", granulates" : "";
  return (
    <>
      {dust && (
        <Text mt={5} c="dimmed">
          leaves {Math.round(100 * dust.tooth)} % of the tooth · rubbed with a finger{" "}
          {dust.rubbed.toFixed(1)}, fixed {dust.fixed.toFixed(1)}
        </Text>
      )}
      {liftsTo != null && (
        <Text mt={5} c="dimmed">
          lifts to {liftsTo.toFixed(1)} when dry{rough}
        </Text>
      )}
      {again && pile.again && (
        <Text mt={5}>
          Or {again} again, {pile.again.strength < 0.95 ? "with more water" : "stronger"}: nearly
          the same.
        </Text>
      )}
      {helps && deltaE !== null && (
        <Text mt={5}>Your paints come only near this colour; {helps.words} would help.</Text>
      )}
    </>
  );
}
