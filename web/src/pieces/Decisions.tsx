import { Button, Group, Input, NumberInput, Radio, Stack, Title } from "@mantine/core";
import { useForm } from "@mantine/form";
import type { PieceCreate } from "../api/client";
import { useCatalogue } from "../api/hooks";
import { Swatch } from "../parts/Swatch";
import { say } from "../words/say";
import classes from "./pieces.module.css";

const OWN = "own";
const TONES = [
  { key: "white", words: say("decisions-white"), lab: [95, 0, 0] },
  { key: "value:7", words: say("decisions-light-grey"), lab: [70, 0, 0] },
  { key: "value:5", words: say("decisions-middle-grey"), lab: [50, 0, 0] },
  { key: "black", words: say("decisions-black"), lab: [26, 0, 0] },
];
const LONG = 40;

interface Props {
  /** Width over height of the picture. */
  aspect: number;
  name: string;
  busy: boolean;
  /** Called with the sheet's format, width over height, when a size changes. */
  onSheet: (aspect: number) => void;
  onDecide: (given: PieceCreate) => void;
}

/** With what, on what tone, how large: what a plan cannot be made without. */
export function Decisions({ aspect, name, busy, onSheet, onDecide }: Props) {
  const catalogue = useCatalogue();
  const short = Math.round(LONG / Math.max(aspect, 1 / aspect));
  const form = useForm({
    initialValues: {
      medium: "watercolour",
      tone: "white",
      own: "#b9a98e",
      wide: aspect >= 1 ? LONG : short,
      high: aspect >= 1 ? short : LONG,
    },
    onValuesChange: ({ wide, high }) => wide > 0 && high > 0 && onSheet(wide / high),
  });
  const decide = form.onSubmit(({ medium, tone, own, wide, high }) =>
    onDecide({
      name,
      medium,
      surface: tone === OWN ? own : tone,
      widthCm: wide,
      heightCm: high,
    }),
  );
  const side = { min: 1, max: 1000, required: true, size: "md", w: 84 };
  return (
    <form onSubmit={decide}>
      <Stack gap={26} maw={630}>
        <Title>{name}</Title>
        <Radio.Group
          label={<Question words={say("decisions-what-do-you")} />}
          {...form.getInputProps("medium")}
        >
          <Group gap={8}>
            {catalogue.data?.media.map(({ key, words }) => (
              <Choice key={key} value={key} words={words} />
            ))}
          </Group>
        </Radio.Group>
        <Radio.Group
          label={<Question words={say("decisions-what-you-painting")} />}
          {...form.getInputProps("tone")}
        >
          <Group gap={8}>
            {TONES.map(({ key, words, lab }) => (
              <Choice key={key} value={key} words={words} lab={lab} />
            ))}
            <Choice value={OWN} words={say("decisions-another")} />
            {form.values.tone === OWN && (
              <Input
                type="color"
                w={84}
                size="lg"
                aria-label={say("decisions-another-tone")}
                {...form.getInputProps("own")}
              />
            )}
          </Group>
        </Radio.Group>
        <Group component="fieldset" gap={10}>
          <Question words={say("decisions-how-large")} />
          <NumberInput
            aria-label={say("decisions-width-cm")}
            {...side}
            {...form.getInputProps("wide")}
          />
          ×
          <NumberInput
            aria-label={say("decisions-height-cm")}
            {...side}
            {...form.getInputProps("high")}
          />{" "}
          {say("decisions-cm")}
        </Group>
        <Button type="submit" variant="filled" size="lg" disabled={busy} w="fit-content">
          {say("decisions-see-order")}
        </Button>
      </Stack>
    </form>
  );
}

const Question = ({ words }: { words: string }) => (
  <Title order={3} component="legend" mb={8}>
    {words}
  </Title>
);

/** One of several, as large as a finger, with the colour it stands for. */
function Choice({ value, words, lab }: { value: string; words: string; lab?: number[] }) {
  return (
    <Radio.Card value={value} className={classes.choice} aria-label={words}>
      {lab && <Swatch lab={lab} w={22} h={22} />}
      {words}
    </Radio.Card>
  );
}
