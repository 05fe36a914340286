import { Button, Group, NumberInput, Table, Text, Title } from "@mantine/core";
import type { Calibration as Fit, PaintDetail, ShelfItem } from "../api/client";
import { Act } from "../parts/Act";
import { FilePick } from "../parts/FilePick";
import { Swatch } from "../parts/Swatch";
import { figure, Rich, rounded, say } from "../words/say";
import classes from "./shelf.module.css";
import { complete, useCalibration } from "./useCalibration";

interface Props {
  item: ShelfItem;
  strip: PaintDetail["strip"];
  reader: string;
}

const CHANNELS = ["L*", "a*", "b*"];

/** The painter's own swatches: typed, off a photo or file, or held under the reader; fitted, then kept. */
export function Calibration({ item, strip, reader }: Props) {
  const by = useCalibration(item.key, strip);
  return (
    <section>
      <Title order={4} mt={10}>
        {say("calibration-your-own-swatches")}
      </Title>
      <Group gap="2 22">
        <a href={`/api/shelf/items/${item.key}/strip.pdf`} target="_blank" rel="noreferrer">
          {say("calibration-print-strip-paint")}
        </a>
        <FilePick
          words={say("calibration-read-photo-cxf")}
          label={say("calibration-photo-cxf-file")}
          accept="image/*,.cxf"
          onFile={by.photo}
        />
        <Act disabled={by.busy} onClick={by.device}>
          {say("calibration-hold", { reader })}
        </Act>
      </Group>
      <Table mt={8} withRowBorders={false}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>{say("calibration-field")}</Table.Th>
            <Table.Th>{say("calibration-expected")}</Table.Th>
            <Table.Th>{say("calibration-l-b-read")}</Table.Th>
            <Table.Th>{say("calibration-fitted")}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {strip.map((field) => (
            <FieldRow
              key={field.key}
              field={field}
              own={by.read[field.key] ?? []}
              fitted={by.fit?.fields.find((f) => f.key === field.key)}
              onType={(channel, to) => by.type(field.key, channel, to)}
              onSettle={by.settle}
            />
          ))}
        </Table.Tbody>
      </Table>
      {by.fit && <Verdict fit={by.fit} onKeep={by.keep} />}
    </section>
  );
}

interface FieldProps {
  field: PaintDetail["strip"][number];
  /** Its channels as read or typed so far. */
  own: number[];
  fitted: Fit["fields"][number] | undefined;
  onType: (channel: number, to: number) => void;
  onSettle: () => void;
}

/** A field of the strip: as the table expects it, as it was read, as fitted. */
function FieldRow({ field, own, fitted, onType, onSettle }: FieldProps) {
  const { words, lab } = field;
  const whole = Object.values(complete({ own }))[0] ?? null;
  const chip = { w: 40, h: 28 };
  return (
    <Table.Tr data-outlier={fitted?.outlier} className={classes.field}>
      <Table.Th scope="row" fw={400}>
        {words}
      </Table.Th>
      <Table.Td>
        <Swatch lab={fitted?.before ?? lab} {...chip} />
      </Table.Td>
      <Table.Td>
        <Group gap={4} wrap="nowrap">
          <Swatch lab={whole} {...chip} />
          {CHANNELS.map((channel, k) => (
            <NumberInput
              key={channel}
              w={58}
              aria-label={`${words} ${channel}`}
              value={Number.isFinite(own[k]) ? own[k] : ""}
              onChange={(to) => onType(k, to === "" ? Number.NaN : Number(to))}
              onBlur={onSettle}
            />
          ))}
        </Group>
      </Table.Td>
      <Table.Td>
        <Swatch lab={fitted?.after} {...chip} /> {fitted && `ΔE ${figure(fitted.apart, 1)}`}
        {fitted?.outlier && ` ${say("calibration-left-out")}`}
      </Table.Td>
    </Table.Tr>
  );
}

function Verdict({ fit, onKeep }: { fit: Fit; onKeep: () => void }) {
  return (
    <Text component="div" pt={10}>
      <Rich
        words={say("calibration-misses", {
          before: rounded(fit.before, 1),
          after: rounded(fit.after, 1),
        })}
      />{" "}
      {fit.shelf ? (
        <b>{say("calibration-kept-recipes-use")}</b>
      ) : (
        <Button onClick={onKeep}>{say("calibration-keep-fitted-paint")}</Button>
      )}
    </Text>
  );
}
