import { Box } from "@mantine/core";

const FRAME = { spoils: 4.5, weakens: 2, note: 1 };

/** The sign of a finding: the weightier, the fuller. */
export function Diamond({ weight = "weakens" }: { weight?: keyof typeof FRAME }) {
  return (
    <Box
      component="span"
      flex="none"
      w={9}
      h={9}
      mx={3}
      mt={6}
      bd={`${FRAME[weight]}px solid var(--ink)`}
      style={{ transform: "rotate(45deg)" }}
    />
  );
}
