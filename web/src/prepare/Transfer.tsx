import { Button, Group, SimpleGrid, Stack, Title, Toggle } from "@mantine/core";
import type { Piece } from "../api/client";
import { Choices } from "../parts/Choices";
import type { Print } from "./usePrint";

const DETAILS = [
  { key: 0.5, words: "fine, 0.5 mm" },
  { key: 1.5, words: "plain, 1.5 mm" },
  { key: 4, words: "coarse, 4 mm" },
];
const STUDIES = [
  { bands: 2, words: "Notan" },
  { bands: 3, words: "Three values" },
  { bands: 5, words: "Five values" },
];
const PAPERS = ["", "A4", "A3", "Letter"].map((key) => ({
  key,
  words: key ? `on ${key} pages` : "one page",
}));
const GRIDS = [1, 2, 3, 4, 5, 6, 8, 10].map((key) => ({
  key,
  words: key === 1 ? "no grid" : `${key} × ${key}`,
}));

/** The outline in true size: detail, grid, paper, mirrored, light lines; as PDF, SVG or projected. */
export function Transfer({ print, piece }: { print: Print; piece: Piece }) {
  return (
    <Stack gap={10}>
      <Choices label="Detail" options={DETAILS} chosen={print.detail} onChoose={print.setDetail} />
      <Choices label="Grid" options={GRIDS} chosen={print.grid} onChoose={print.setGrid} />
      <Group role="group" aria-label="Lines" gap={6}>
        <Toggle active={print.mirrored} onClick={() => print.setMirrored(!print.mirrored)}>
          mirrored, to rub through
        </Toggle>
        <Toggle active={print.light} onClick={() => print.setLight(!print.light)}>
          light lines, for a dark ground
        </Toggle>
      </Group>
      <Choices label="Paper" options={PAPERS} chosen={print.paper} onChoose={print.setPaper} />
      <Group gap={12} my={6}>
        <Button component="a" href={print.url("pdf")} download>
          Print it (PDF)
        </Button>
        <Button component="a" href={print.url("svg")} download>
          Drawing (SVG)
        </Button>
        <Button
          component="a"
          href={print.url("svg", { light: "true" })}
          target="_blank"
          rel="noreferrer"
        >
          Project it
        </Button>
      </Group>
      <Studies print={print} piece={piece} />
      <p className="quiet">
        True size. Every page has a line of exactly 100 mm to check the print by, and marks where it
        meets its neighbours. A projector fills its picture: measure the frame on the sheet.
      </p>
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
      <Title order={3}>Studies in a few values</Title>
      <SimpleGrid component="ul" cols={3} spacing="md">
        {STUDIES.map(({ bands, words }) => (
          <li key={bands}>
            <a href={study(bands, "png")} target="_blank" rel="noreferrer">
              <img src={study(bands, "png")} alt={`In ${bands} values`} />
            </a>
            {words} ·{" "}
            <a href={study(bands, "pdf")} download={`study-${bands}.pdf`}>
              print it
            </a>
          </li>
        ))}
      </SimpleGrid>
    </>
  );
}
