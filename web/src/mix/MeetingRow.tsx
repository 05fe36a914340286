import { SimpleGrid, Text, Title } from "@mantine/core";
import type { Meeting } from "../api/client";
import { css } from "../parts/colour";
import { Swatch } from "../parts/Swatch";
import { say } from "../words/say";

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
        <Course labs={labs} words={say("meeting-row-between", { fault })} />
        {cleaner && (
          <Course
            labs={cleaner}
            words={say("meeting-row-touch-between", { through: through ?? "" })}
          />
        )}
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
