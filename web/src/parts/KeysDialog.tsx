import { Checkbox, Group, Modal, SimpleGrid, Text } from "@mantine/core";
import { useState } from "react";
import { say } from "../words/say";
import { KEYS, lettersOff, setLettersOff, useKeys } from "./keys";

/** The list of keys, opened by "?" anywhere. */
export function KeysDialog() {
  const [open, setOpen] = useState(false);
  const [off, setOff] = useState(lettersOff);
  useKeys({ "?": (down) => down && setOpen(true) });
  const change = (next: boolean) => {
    setOff(next);
    setLettersOff(next);
  };
  return (
    <Modal opened={open} onClose={() => setOpen(false)} title={say("keys-dialog-keys")}>
      <SimpleGrid component="dl" cols={2} spacing="lg" verticalSpacing={4}>
        {KEYS.map(({ key, shown, does }) => (
          <Group key={key} gap={12} wrap="nowrap">
            <Text component="dt" flex="none" w={128} fw={600}>
              {shown}
            </Text>
            <dd>{does}</dd>
          </Group>
        ))}
      </SimpleGrid>
      <Checkbox
        mt="md"
        label={say("keys-dialog-turn-letter-keys")}
        checked={off}
        onChange={(event) => change(event.currentTarget.checked)}
      />
    </Modal>
  );
}
