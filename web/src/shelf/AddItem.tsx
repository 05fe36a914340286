import {
  Button,
  Group,
  NativeSelect,
  NumberInput,
  Radio,
  SimpleGrid,
  TextInput,
} from "@mantine/core";
import { useForm } from "@mantine/form";
import type { ShelfGiven } from "../api/client";
import { useListed } from "./useShelf";

const KINDS = ["paint", "stick", "surface", "tool"] as const;
const CHANNELS = ["L*", "a*", "b*"] as const;

const BLANK = {
  kind: "paint" as (typeof KINDS)[number],
  like: "",
  name: "",
  medium: "watercolour",
  left: "" as number | "",
  set: "",
  lab: ["", "", ""] as (number | "")[],
};

interface Props {
  busy: boolean;
  onAdd: (item: ShelfGiven) => void;
}

/** Something new on the shelf: what it is like says all the rest; a colour of one's own can be given besides. */
export function AddItem({ busy, onAdd }: Props) {
  const listed = useListed();
  const form = useForm({ initialValues: BLANK });
  const { kind, like, medium } = form.values;
  const own = (listed.data ?? []).filter((l) => l.kind === kind);
  const found = own.find((l) => l.words === like);
  const media = found?.media ?? [];
  const inMedium = media.includes(medium) ? medium : (media[0] ?? "");
  const submit = form.onSubmit((given) => {
    if (!found) return;
    const lab = given.lab.every((c) => c !== "") ? given.lab.map(Number) : null;
    onAdd({
      kind,
      name: given.name.trim() || found.words,
      like: found.key,
      medium: kind === "tool" ? "" : inMedium,
      set: given.set.trim(),
      left: given.left === "" ? null : given.left,
      note: "",
      lab: kind === "paint" && lab ? (lab as [number, number, number]) : null,
    });
  });
  const stacked = { variant: "stacked" };
  return (
    <form onSubmit={submit}>
      <SimpleGrid cols={2} spacing={18} verticalSpacing={10} py={12}>
        <Radio.Group aria-label="What is it?" {...form.getInputProps("kind")}>
          <Group gap={20}>
            {KINDS.map((k) => (
              <Radio key={k} value={k} label={k} />
            ))}
          </Group>
        </Radio.Group>
        {media.length > 1 ? (
          <NativeSelect
            label="Medium"
            data={media}
            {...form.getInputProps("medium")}
            value={inMedium}
          />
        ) : (
          <span />
        )}
        <TextInput
          {...stacked}
          list="listed"
          label={kind === "paint" ? "The pigment it is made of, or nearest to" : "It is like"}
          placeholder="type a few letters"
          {...form.getInputProps("like")}
        />
        <datalist id="listed">
          {own.map((l) => (
            <option key={l.key} value={l.words} label={l.index} />
          ))}
        </datalist>
        <TextInput
          {...stacked}
          label="Your name for it"
          maxLength={80}
          placeholder={found?.words}
          {...form.getInputProps("name")}
        />
        <NumberInput
          {...stacked}
          label={`Left${kind === "paint" ? ", ml" : ""}`}
          min={0}
          {...form.getInputProps("left")}
        />
        <TextInput {...stacked} label="Set" maxLength={80} {...form.getInputProps("set")} />
        {kind === "paint" && (
          <Group component="fieldset" gap={8} align="baseline">
            <legend>Its colour as it comes, over white, if you have it measured</legend>
            {CHANNELS.map((channel, k) => (
              <NumberInput
                key={channel}
                w={90}
                aria-label={channel}
                placeholder={channel}
                {...form.getInputProps(`lab.${k}`)}
              />
            ))}
          </Group>
        )}
        <Button type="submit" disabled={!found || busy} style={{ alignSelf: "end" }}>
          Put it on the shelf
        </Button>
      </SimpleGrid>
      {found && <p className="quiet">{found.says}. Modelled, not measured.</p>}
    </form>
  );
}
