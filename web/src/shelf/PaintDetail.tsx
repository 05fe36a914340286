import { NativeSelect, SimpleGrid, Text, Title } from "@mantine/core";
import { useState } from "react";
import type { PaintDetail as Detail, ShelfItem } from "../api/client";
import { Act } from "../parts/Act";
import { ProblemNote } from "../parts/Problem";
import { Swatch } from "../parts/Swatch";
import { TextField } from "../parts/TextField";
import { figure, Rich, rounded, say } from "../words/say";
import { Calibration } from "./Calibration";
import classes from "./shelf.module.css";
import { type Told, usePaintDetail } from "./useShelf";

interface Props {
  item: ShelfItem;
  revision: number;
  onChange: (told: Told) => void;
  onRemove: () => void;
}

/** The thing at hand: names and notes; of a paint how it thins, tints and lies over grounds, and its strip. */
export function PaintDetail({ item, revision, onChange, onRemove }: Props) {
  const stacked = { variant: "stacked" };
  return (
    <section className={classes.detail}>
      <Title order={2}>{item.name}</Title>
      <p>
        {item.kind === "paint"
          ? say(item.measured ? "paint-detail-measured" : "paint-detail-modelled", {
              thing: item.says,
            })
          : item.says}
      </p>
      {item.kind === "paint" && <Looks item={item} revision={revision} />}
      <SimpleGrid cols={2} spacing={18} verticalSpacing={8} mt="md">
        <TextField
          {...stacked}
          label={say("paint-detail-name")}
          kept={item.name}
          onKeep={(name) => name && onChange({ name })}
        />
        <TextField
          {...stacked}
          label={say("paint-detail-set")}
          kept={item.set}
          onKeep={(set) => onChange({ set })}
        />
        <TextField
          {...stacked}
          label={say("paint-detail-note")}
          kept={item.note}
          onKeep={(note) => onChange({ note })}
        />
        <Act onClick={onRemove}>{say("paint-detail-take-off-shelf")}</Act>
      </SimpleGrid>
    </section>
  );
}

/** Lamps of the standard tables in words; all others go by their own name. */
const LAMPS: Record<string, string> = {
  A: say("paint-detail-tungsten-lamp"),
  D50: say("paint-detail-warm-daylight-d"),
  D65: say("paint-detail-daylight-d"),
  D75: say("paint-detail-north-light-d"),
};

function Looks({ item, revision }: { item: ShelfItem; revision: number }) {
  const [lamp, setLamp] = useState("D65");
  const found = usePaintDetail(item.key, revision, lamp);
  if (found.error) return <ProblemNote>{found.error.message}</ProblemNote>;
  const detail = found.data;
  if (!detail) return <p className="quiet">{say("paint-detail-working-looks-out")}</p>;
  return (
    <>
      <NativeSelect
        mt={6}
        label={say("paint-detail-seen")}
        data={detail.lamps.map((name) => ({ value: name, label: LAMPS[name] ?? name }))}
        value={lamp}
        onChange={(event) => setLamp(event.currentTarget.value)}
      />
      <Row
        title={say("paint-detail-thinned-over-white")}
        cells={detail.ramp.map(({ film, look }) => ({ look, words: filmWords(film) }))}
      />
      <Row
        title={say("paint-detail-tinted-white")}
        cells={detail.tints.map(({ white, look }) => ({
          look,
          words:
            white === 0
              ? say("paint-detail-masstone")
              : say("paint-detail-white", { white: Math.round(100 * white) }),
        }))}
      />
      <Grounds grounds={detail.grounds} />
      <Calibration item={item} strip={detail.strip} reader={detail.reader} />
    </>
  );
}

const filmWords = (film: number) =>
  film === 1 ? say("paint-detail-comes") : `1 : ${Math.round(1 / film - 1)}`;

interface RowProps {
  title: string;
  cells: { look: readonly number[]; words: string }[];
}

function Row({ title, cells }: RowProps) {
  return (
    <>
      <Title order={4} mt={10}>
        {title}
      </Title>
      <div className={classes.looks}>
        {cells.map(({ look, words }) => (
          <figure key={words}>
            <Swatch lab={look} w="100%" h={40} />
            <Text component="figcaption" fz="xs">
              <b>{look[3] !== undefined && figure(look[3], 1)}</b> {words}
            </Text>
          </figure>
        ))}
      </div>
    </>
  );
}

function Grounds({ grounds }: { grounds: Detail["grounds"] }) {
  return (
    <>
      <Title order={4} mt={10}>
        {say("paint-detail-over-grounds-comes")}
      </Title>
      <div className={classes.looks}>
        {grounds.map(({ ground, lab, full, thin }) => (
          <figure key={ground}>
            <Swatch lab={lab} w="100%" h={40} p={7} display="flex">
              <Swatch lab={full} flex={1} bd="0" />
              <Swatch lab={thin} flex={1} bd="0" />
            </Swatch>
            <Text component="figcaption" fz="xs">
              <Rich
                words={say("paint-detail-full-thin", {
                  full: rounded(full[3] ?? 0, 1),
                  thin: rounded(thin[3] ?? 0, 1),
                })}
              />
            </Text>
          </figure>
        ))}
      </div>
    </>
  );
}
