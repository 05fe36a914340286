import { SimpleGrid, Text, Title } from "@mantine/core";
import type { Meeting } from "../api/client";
import { css } from "../parts/colour";
import { Swatch } from "../parts/Swatch";

interface Props {
  meeting: Meeting;
  /** Which two they are, as a heading. */
  words: string;
}

/** Where two wet mixtures meet: as it would be, and with a touch of another paint first. */
export function MeetingRow({ meeting, words }: Props) {
  const { fault, labs, through, cleaner } = meeting;
  return (
    <>
      <Title order={4} pt="md" pb={4}>
        {words}
      </Title>
      <SimpleGrid cols={2} spacing="md">
        <Course labs={labs} words={`as it is: ${fault} in between`} />
        {cleaner && <Course labs={cleaner} words={`with a touch of ${through} in between`} />}
      </SimpleGrid>
    </>
  );
}

function Course({ labs, words }: { labs: readonly number[][]; words: string }) {
  return (
    <figure>
      <Swatch background={`linear-gradient(90deg, ${labs.map(css).join(", ")})`} w="100%" h={34} />
      <Text component="figcaption" fz="sm">
        {words}
      </Text>
    </figure>
  );
}
