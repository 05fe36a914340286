import { Button, SimpleGrid, Text, Title } from "@mantine/core";
import type { Mass, Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Fact } from "../parts/Fact";
import { nameIn, shortName } from "../parts/masses";
import { Naming } from "../parts/Naming";
import parts from "../parts/parts.module.css";
import { toReference } from "../prepare/arrangement";
import { figure, rounded, say } from "../words/say";

interface Props {
  mass: Mass;
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

/** The measures of one mass on the surface, and its name. */
export function MassNote({ mass, piece, plan, changes }: Props) {
  const [low, high] = mass.valueRange;
  const { gradation } = mass;
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
          shown={figure(mass.value, 1)}
          words={say("mass-note-value", { low: rounded(low, 1), high: rounded(high, 1) })}
        />
        <Fact
          shown={say("mass-note-area", { cm2: rounded(mass.areaCm2, 1) })}
          words={say("mass-note-picture", { share: rounded(100 * mass.share, 1) })}
        />
        <Fact
          shown={say("mass-note-mm", { mm: rounded(mass.widthMm, 0) })}
          words={say("mass-note-wide-narrowest", { mm: rounded(mass.narrowestMm, 1) })}
        />
        <Fact
          shown={say("mass-note-cm", { cm: rounded(mass.outlineCm, 0) })}
          words={say("mass-note-outline", { count: mass.pieces })}
        />
        <Fact shown={KINDS[mass.kind]} words={darker(mass.direction)} />
        {gradation && (
          <Fact
            shown={formOf(gradation)}
            words={say("mass-note-stops", {
              count: gradation.stops.length,
              from: rounded(gradation.stops[0]?.value ?? 0, 1),
              to: rounded(gradation.stops.at(-1)?.value ?? 0, 1),
            })}
          />
        )}
      </SimpleGrid>
      {gradation && <Straighten mass={mass} piece={piece} plan={plan} changes={changes} />}
      <Text my={8}>
        {say("mass-note-borders", { borders: borders.map((b) => borderOf(plan, b)).join("; ") })}{" "}
        {say("mass-note-measured", {
          wide: piece.settings.widthCm,
          high: piece.settings.heightCm,
        })}
      </Text>
      <Naming what="mass" name={mass.name} onName={rename} />
    </section>
  );
}

/** Makes the modelling of a mass run straight, or lets it follow the form again. */
function Straighten({ mass, piece, plan, changes }: Props) {
  const set = piece.settings.straight ?? [];
  const here = toReference(plan.view, { x: mass.inside[0], y: mass.inside[1] });
  const own = set.filter(({ x, y }) => Math.hypot(x - here.x, y - here.y) < SAME);
  if (!own.length && mass.gradation?.form === "straight") return null;
  const straight = own.length ? set.filter((place) => !own.includes(place)) : [...set, here];
  return (
    <Button mt={8} onClick={() => changes.edit.mutate({ straight })}>
      {say(own.length ? "mass-note-follow" : "mass-note-straighten")}
    </Button>
  );
}

/** Shares of the picture within which a place stands for the inner point of a mass. */
const SAME = 0.001;

const formOf = ({ form, direction }: NonNullable<Mass["gradation"]>) =>
  say("mass-note-form", { form, way: arrowOf(direction) });

const borderOf = (plan: Plan, { mass, lengthCm, softnessMm }: Mass["neighbours"][number]) =>
  say("mass-note-border", {
    mass: nameIn(plan, mass),
    cm: rounded(lengthCm, 1),
    mm: rounded(softnessMm, 1),
  });

const KINDS = {
  flat: say("mass-note-flat"),
  graded: say("mass-note-graded"),
  accent: say("mass-note-accent"),
};
const EIGHTHS = "→↗↑↖←↙↓↘";

/** Where a graded mass gets darker, by an arrow and a side. */
function darker(direction: number | null): string {
  if (direction === null) return say("mass-note-one-value");
  return say("mass-note-darker", { way: arrowOf(direction) });
}

const arrowOf = (direction: number) =>
  EIGHTHS[Math.round((((direction % 360) + 360) % 360) / 45) % 8] ?? "";
