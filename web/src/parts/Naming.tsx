import { TextInput } from "@mantine/core";
import { type FormEvent, useState } from "react";
import classes from "./parts.module.css";

interface Props {
  /** What is named: a mass, an area. */
  what: string;
  name: string | null;
  onName: (name: string) => void;
}

/** A field for the name of something, taken when it is new and not empty. */
export function Naming({ what, name, onName }: Props) {
  const [text, setText] = useState(name ?? "");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const given = text.trim();
    if (given && given !== name) onName(given);
  };
  return (
    <form onSubmit={submit} className={classes.naming}>
      <TextInput
        aria-label={`Name of this ${what}`}
        placeholder="Give it a name"
        maxLength={80}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      <button type="submit" className="act">
        name it
      </button>
    </form>
  );
}
