import { Group } from "@mantine/core";
import { Act } from "../parts/Act";
import { say } from "../words/say";

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
    { way: "undo", what: undo, go: onUndo },
    { way: "redo", what: redo, go: onRedo },
  ] as const;
  return (
    <Group component="span" gap={8}>
      {ways.map(({ way, what, go }) => (
        <Act
          key={way}
          disabled={!what}
          title={what ? say(`history-${way}-what`, { what }) : say(`history-nothing-to-${way}`)}
          onClick={go}
        >
          {say(`history-${way}`)}
        </Act>
      ))}
    </Group>
  );
}
