import { Button, Group, SimpleGrid, Stack, Title, Toggle } from "@mantine/core";
import type { Piece } from "../api/client";
import { Choices } from "../parts/Choices";
import { say } from "../words/say";
import type { Print } from "./usePrint";

const DETAILS = [
  { key: 0.5, words: say("transfer-fine-mm") },
  { key: 1.5, words: say("transfer-plain-mm") },
  { key: 4, words: say("transfer-coarse-mm") },
];
const STUDIES = [
  { bands: 2, words: say("transfer-notan") },
  { bands: 3, words: say("transfer-three-values") },
  { bands: 5, words: say("transfer-five-values") },
];
const PAPERS = ["", "A4", "A3", "Letter"].map((key) => ({
  key,
  words: key ? say("transfer-pages", { key }) : say("transfer-one-page"),
}));
const GRIDS = [1, 2, 3, 4, 5, 6, 8, 10].map((key) => ({
  key,
  words: key === 1 ? say("transfer-grid") : `${key} × ${key}`,
}));

/** The outline in true size: detail, grid, paper, mirrored, light lines; as PDF, SVG or projected. */
export function Transfer({ print, piece }: { print: Print; piece: Piece }) {
  return (
    <Stack gap={10}>
      <Choices
        label={say("transfer-detail")}
        options={DETAILS}
        chosen={print.detail}
        onChoose={print.setDetail}
      />
      <Choices
        label={say("transfer-grid-b")}
        options={GRIDS}
        chosen={print.grid}
        onChoose={print.setGrid}
      />
      <Group role="group" aria-label={say("transfer-lines")} gap={6}>
        <Toggle active={print.mirrored} onClick={() => print.setMirrored(!print.mirrored)}>
          {say("transfer-mirrored-rub-through")}
        </Toggle>
        <Toggle active={print.light} onClick={() => print.setLight(!print.light)}>
          {say("transfer-light-lines-dark")}
        </Toggle>
      </Group>
      <Choices
        label={say("transfer-paper")}
        options={PAPERS}
        chosen={print.paper}
        onChoose={print.setPaper}
      />
      <Group gap={12} my={6}>
        <Button component="a" href={print.url("pdf")} download>
          {say("transfer-print-pdf")}
        </Button>
        <Button component="a" href={print.url("svg")} download>
          {say("transfer-drawing-svg")}
        </Button>
        <Button
          component="a"
          href={print.url("svg", { light: "true" })}
          target="_blank"
          rel="noreferrer"
        >
          {say("transfer-project")}
        </Button>
      </Group>
      <Studies print={print} piece={piece} />
      <p className="quiet">{say("transfer-true-size-every")}</p>
    </Stack>
  );
}

/** The piece in two, three and five values, to be seen and printed. */
function Studies({ print, piece }: { print: Print; piece: Piece }) {
  const study = (bands: number, ending: "png" | "pdf") => {
    const query = new URLSearchParams({
      bands: String(bands),
      revision: String(piece.revision),
      ...(ending === "pdf" && print.paper ? { paper: print.paper } : {}),
    });
    return `/api/pieces/${piece.id}/study.${ending}?${query}`;
  };
  return (
    <>
      <Title order={3}>{say("transfer-studies-few-values")}</Title>
      <SimpleGrid component="ul" cols={3} spacing="md">
        {STUDIES.map(({ bands, words }) => (
          <li key={bands}>
            <a href={study(bands, "png")} target="_blank" rel="noreferrer">
              <img src={study(bands, "png")} alt={say("transfer-values", { bands })} />
            </a>
            {words} ·{" "}
            <a href={study(bands, "pdf")} download={say("transfer-study-pdf", { bands })}>
              {say("transfer-print")}
            </a>
          </li>
        ))}
      </SimpleGrid>
    </>
  );
}
