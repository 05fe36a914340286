import { TextInput, type TextInputProps } from "@mantine/core";

interface Props extends Omit<TextInputProps, "value" | "onChange"> {
  kept: string;
  /** Called when the field is left or Enter pressed, with other words than those kept. */
  onKeep: (words: string) => void;
}

/** Words that are kept when their field is left. */
export function TextField({ kept, onKeep, ...others }: Props) {
  return (
    <TextInput
      key={kept}
      {...others}
      defaultValue={kept}
      onBlur={(event) => {
        const given = event.currentTarget.value.trim();
        if (given !== kept) onKeep(given);
      }}
      onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
    />
  );
}
