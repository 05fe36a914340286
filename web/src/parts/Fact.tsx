import { Text } from "@mantine/core";
import { Term } from "./Term";

interface Props {
  shown: string;
  words: string;
  /** The word of the glossary that explains it. */
  term?: string;
}

/** One figure of a list of facts, with what it is below it. */
export function Fact({ shown, words, term }: Props) {
  return (
    <div>
      <Text component="dd" fz="lg" fw={600}>
        {shown}
      </Text>
      <Text component="dt" fz="xs" c="dimmed">
        <Term word={term}>{words}</Term>
      </Text>
    </div>
  );
}
