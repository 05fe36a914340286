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
import { say } from "../words/say";
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
        <Radio.Group aria-label={say("add-item-what")} {...form.getInputProps("kind")}>
          <Group gap={20}>
            {KINDS.map((k) => (
              <Radio key={k} value={k} label={k} />
            ))}
          </Group>
        </Radio.Group>
        {media.length > 1 ? (
          <NativeSelect
            label={say("add-item-medium")}
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
          label={kind === "paint" ? say("add-item-pigment-made-nearest") : say("add-item-like")}
          placeholder={say("add-item-type-few-letters")}
          {...form.getInputProps("like")}
        />
        <datalist id="listed">
          {own.map((l) => (
            <option key={l.key} value={l.words} label={l.index} />
          ))}
        </datalist>
        <TextInput
          {...stacked}
          label={say("add-item-your-name")}
          maxLength={80}
          placeholder={found?.words}
          {...form.getInputProps("name")}
        />
        <NumberInput
          {...stacked}
          label={say(kind === "paint" ? "add-item-left-ml" : "add-item-left")}
          min={0}
          {...form.getInputProps("left")}
        />
        <TextInput
          {...stacked}
          label={say("add-item-set")}
          maxLength={80}
          {...form.getInputProps("set")}
        />
        {kind === "paint" && (
          <Group component="fieldset" gap={8} align="baseline">
            <legend>{say("add-item-colour-comes-over")}</legend>
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
          {say("add-item-put-shelf")}
        </Button>
      </SimpleGrid>
      {found && <p className="quiet">{say("add-item-modelled-measured", { thing: found.says })}</p>}
    </form>
  );
}
