import { Group } from "@mantine/core";
import { Act } from "../parts/Act";

interface Props {
  /** What would be taken back or done again, in words; null where there is nothing. */
  undo: string | null | undefined;
  redo: string | null | undefined;
  onUndo: () => void;
  onRedo: () => void;
}

/** Undo and redo of one history, the same in every stage and on the shelf. */
export function History({ undo, redo, onUndo, onRedo }: Props) {
  const ways = [
    { words: "undo", what: undo, go: onUndo },
    { words: "redo", what: redo, go: onRedo },
  ];
  return (
    <Group component="span" gap={8}>
      {ways.map(({ words, what, go }) => (
        <Act
          key={words}
          disabled={!what}
          title={what ? `${words}: ${what}` : `Nothing to ${words}`}
          onClick={go}
        >
          {words}
        </Act>
      ))}
    </Group>
  );
}
