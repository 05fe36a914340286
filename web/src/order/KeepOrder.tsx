import { Group, TextInput } from "@mantine/core";
import { useState } from "react";
import { Act } from "../parts/Act";
import { say } from "../words/say";
import classes from "./order.module.css";

interface Props {
  /** What the present order is called unless another name is typed. */
  proposed: string;
  names: string[];
  /** Whether no more orders can be kept. */
  full: boolean;
  /** Whether the present order is one of those kept. */
  taken: boolean;
  onKeep: (name: string) => void;
  onSchool: (name: string) => void;
}

const LONGEST = 40;

/** The present order kept under a name, or saved as a school. */
export function KeepOrder({ proposed, names, full, taken, onKeep, onSchool }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const number = names.filter((own) => own.startsWith(proposed)).length;
  const fresh = number ? `${proposed} (${number + 1})` : proposed;
  const name = (typed ?? fresh).trim().slice(0, LONGEST);
  const doubled = names.includes(name);
  if (full && !taken) return <p className="quiet">{say("keep-order-eight-orders-saved")}</p>;
  return (
    <form
      className={classes.wide}
      onSubmit={(event) => {
        event.preventDefault();
        onKeep(name);
        setTyped(null);
      }}
    >
      <Group gap="6 14" fz={15}>
        <TextInput
          label={say("keep-order-save-order")}
          styles={{ input: { width: "20em" } }}
          value={typed ?? fresh}
          maxLength={LONGEST}
          onChange={(event) => setTyped(event.currentTarget.value)}
        />
        {!taken && (
          <Act type="submit" disabled={!name || doubled}>
            {say("keep-order-save")}
          </Act>
        )}
        <Act disabled={!name} onClick={() => onSchool(name)}>
          {say("keep-order-save-approach-other")}
        </Act>
        {!taken && doubled && <span className="quiet">{say("keep-order-name-taken")}</span>}
      </Group>
    </form>
  );
}
