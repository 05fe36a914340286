import { Group, Toggle } from "@mantine/core";

interface Props<K> {
  /** What is chosen, for those who cannot see the row. */
  label: string;
  /** Each in words; `label` where they do not say enough by themselves. */
  options: readonly { key: K; words: string; label?: string }[];
  chosen: K | null;
  /** How they look: framed, or as words underlined while chosen. */
  variant?: "word";
  onChoose: (key: K) => void;
}

/** A row of which one is chosen. */
export function Choices<K extends string | number>(props: Props<K>) {
  const { label, options, chosen, variant, onChoose } = props;
  return (
    <Group role="group" aria-label={label} gap={variant ? 14 : 6}>
      {options.map(({ key, words, label: full }) => (
        <Toggle
          key={key}
          variant={variant}
          active={key === chosen}
          aria-label={full}
          onClick={() => onChoose(key)}
        >
          {words}
        </Toggle>
      ))}
    </Group>
  );
}
