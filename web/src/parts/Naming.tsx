import { Group, TextInput } from "@mantine/core";
import { useForm } from "@mantine/form";
import { Act } from "./Act";

interface Props {
  /** What is named: a mass, an area. */
  what: string;
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
          aria-label={`Name of this ${what}`}
          placeholder="Give it a name"
          maxLength={80}
          {...form.getInputProps("name")}
        />
        <Act type="submit">name it</Act>
      </Group>
    </form>
  );
}
