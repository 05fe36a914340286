import { Group, TextInput } from "@mantine/core";
import { useForm } from "@mantine/form";
import { say } from "../words/say";
import { Act } from "./Act";

interface Props {
  /** What is named: a mass, an area, a family of small marks. */
  what: "mass" | "area" | "family";
  name: string | null;
  onName: (name: string) => void;
}

/** A field for the name of something, taken when it is new and not empty. */
export function Naming({ what, name, onName }: Props) {
  const form = useForm({ initialValues: { name: name ?? "" } });
  const submit = form.onSubmit(({ name: text }) => {
    const given = text.trim();
    if (given && given !== name) onName(given);
  });
  return (
    <form onSubmit={submit}>
      <Group gap={12}>
        <TextInput
          aria-label={say(`naming-of-${what}`)}
          placeholder={say("naming-give-name")}
          maxLength={80}
          {...form.getInputProps("name")}
        />
        <Act type="submit">{say("naming-name-b")}</Act>
      </Group>
    </form>
  );
}
