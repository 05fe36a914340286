import { SimpleGrid, Text, Title } from "@mantine/core";
import type { Mass, Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Fact } from "../parts/Fact";
import { nameIn, shortName } from "../parts/masses";
import { Naming } from "../parts/Naming";
import parts from "../parts/parts.module.css";
import { toReference } from "../prepare/arrangement";

interface Props {
  mass: Mass;
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

/** The measures of one mass on the surface, and its name. */
export function MassNote({ mass, piece, plan, changes }: Props) {
  const [low, high] = mass.valueRange;
  const rename = (given: string) => {
    const { x, y } = toReference(plan.view, { x: mass.inside[0], y: mass.inside[1] });
    const others = piece.settings.names?.filter((a) => a.name !== mass.name) ?? [];
    changes.edit.mutate({ names: [...others, { x, y, name: given }] });
  };
  const borders = [...mass.neighbours].sort((a, b) => b.lengthCm - a.lengthCm).slice(0, 4);
  return (
    <section>
      <Title order={2}>{shortName(mass)}</Title>
      <SimpleGrid
        component="dl"
        className={parts.ruled}
        cols={3}
        spacing={24}
        verticalSpacing={8}
        mt={8}
        pt={8}
      >
        <Fact
          shown={`${mass.value.toFixed(1)}`}
          words={`value, ${low.toFixed(1)} to ${high.toFixed(1)}`}
        />
        <Fact
          shown={`${mass.areaCm2.toFixed(1)} cm²`}
          words={`${(100 * mass.share).toFixed(1)} % of the picture`}
        />
        <Fact
          shown={`${mass.widthMm.toFixed(0)} mm`}
          words={`wide, ${mass.narrowestMm.toFixed(1)} at the narrowest`}
        />
        <Fact
          shown={`${mass.outlineCm.toFixed(0)} cm`}
          words={`outline, ${mass.pieces} piece${mass.pieces === 1 ? "" : "s"}`}
        />
        <Fact shown={KINDS[mass.kind]} words={darker(mass.direction)} />
      </SimpleGrid>
      <Text my={8}>
        Borders:{" "}
        {borders
          .map(
            (b) =>
              `${nameIn(plan, b.mass)} ${b.lengthCm.toFixed(1)} cm, ${b.softnessMm.toFixed(1)} mm soft`,
          )
          .join("; ")}
        . All measured in the photo, on a surface of {piece.settings.widthCm} ×{" "}
        {piece.settings.heightCm} cm.
      </Text>
      <Naming what="mass" name={mass.name} onName={rename} />
    </section>
  );
}

const KINDS = { flat: "flat", graded: "graded", accent: "accent" } as const;
const SIDES = [
  "right",
  "upper right",
  "top",
  "upper left",
  "left",
  "lower left",
  "bottom",
  "lower right",
];

/** Where a graded mass gets darker, by an arrow and a side. */
function darker(direction: number | null): string {
  if (direction === null) return "one value";
  const eighth = Math.round((((direction % 360) + 360) % 360) / 45) % 8;
  return `gets darker to the ${SIDES[eighth]} ${"→↗↑↖←↙↓↘"[eighth]}`;
}
