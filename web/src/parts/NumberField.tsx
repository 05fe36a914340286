import { NumberInput, type NumberInputProps } from "@mantine/core";
import { useState } from "react";

interface Props extends Omit<NumberInputProps, "value" | "onChange"> {
  kept: number | null;
  /** Called when the field is left or Enter pressed, with another number than the one kept. */
  onKeep: (value: number | null) => Promise<unknown>;
  /** Whether there must be a number: an emptied field shows again what is kept. */
  needed?: boolean;
}

/**
 * A number that is kept when its field is left; where that is refused, the field shows again what is kept.
 * Give it a key that changes with what is kept.
 */
export function NumberField({ kept, onKeep, needed, ...others }: Props) {
  const [value, setValue] = useState<number | string>(kept ?? "");
  const back = () => setValue(kept ?? "");
  const keep = () => {
    const given = value === "" ? null : Number(value);
    if (given === kept || Number.isNaN(given)) return;
    if (given === null && needed) back();
    else onKeep(given).catch(back);
  };
  return (
    <NumberInput
      w="fit-content"
      styles={{ input: { width: 72 } }}
      min={0}
      {...others}
      value={value}
      onChange={setValue}
      onBlur={keep}
      onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
    />
  );
}
