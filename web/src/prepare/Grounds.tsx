import { Text, Title } from "@mantine/core";
import type { Ground, Piece, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { capital } from "../parts/masses";
import { Swatch } from "../parts/Swatch";
import { minutes } from "../parts/time";
import classes from "./prepare.module.css";
import { SheetForm } from "./SheetForm";
import { SurfaceForm } from "./SurfaceForm";

interface Props {
  piece: Piece;
  prepared: Prepared;
  changes: ReturnType<typeof useChanges>;
}

/** Surface and ground: every candidate with what it already paints and what it costs, the best first. */
export function Grounds({ piece, prepared, changes }: Props) {
  const { grounds } = prepared;
  const chosen = piece.settings.ground ?? "own";
  const best = grounds[0];
  return (
    <>
      <SheetForm piece={piece} prepared={prepared} changes={changes} />
      <SurfaceForm piece={piece} changes={changes} />
      {best && (
        <Text my={8} fz={15.5}>
          <b>{capital(best.words)}</b> suits best. {best.why}
        </Text>
      )}
      <ol className={classes.grounds}>
        {grounds.map((ground) => (
          <GroundRow
            key={ground.key}
            ground={ground}
            chosen={ground.key === chosen}
            onTake={() => changes.edit.mutate({ ground: ground.key === "own" ? null : ground.key })}
          />
        ))}
      </ol>
      <p className="quiet">
        Shares are counted in the photo: what is close in value and colour. Coats are modelled from
        how much each paint hides, a guess that test strips correct.
      </p>
    </>
  );
}

interface RowProps {
  ground: Ground;
  chosen: boolean;
  onTake: () => void;
}

/** A ground: the picture begun on it, what it spares and what it costs. */
function GroundRow({ ground, chosen, onTake }: RowProps) {
  const { words, kind, lab, share, layers, lightsLayers, fewerLayers, masses } = ground;
  return (
    <li data-chosen={chosen}>
      <img src={ground.picture} width={104} alt={`Begun on ${words}`} />
      <div>
        <Title order={3}>
          {kind !== "patches" && <Swatch lab={lab} w={26} h={13} mr={8} />}
          {capital(words)}
        </Title>
        <Text fz="sm">
          <b>{Math.round(100 * share)} %</b> of the picture needs no paint
          {layers >= 1.05 && ` · ${layers.toFixed(1)} coats on average`}
          {lightsLayers > 1 && ` · ${lightsLayers} coats for the lights`}
          {fewerLayers > 0 && ` · ${fewerLayers} of ${masses} masses need fewer coats`}
        </Text>
        <Text fz="sm" c={chosen ? undefined : "dimmed"}>
          {details(ground).join(" · ")}
        </Text>
      </div>
      {chosen ? <b>in use</b> : <Act onClick={onTake}>Use</Act>}
    </li>
  );
}

/** How far something lies from an end of the picture, never less than nothing. */
const steps = (by: number, words: string) =>
  by < 0.05 ? `not ${words}` : `${by.toFixed(1)} ${words}`;

/** The figures below the first line, as many as there are. */
function details(ground: Ground): string[] {
  const { kind, value, toLightest, toDarkest, lightsLost, note } = ground;
  const figures = [];
  if (kind !== "patches")
    figures.push(
      `Value ${value.toFixed(1)}, ${steps(toLightest, "below the lightest")}, ${steps(toDarkest, "above the darkest")}`,
    );
  if (ground.minutes > 0)
    figures.push(`${minutes(ground.minutes)} to lay, ${minutes(ground.dryMinutes)} to dry`);
  if (lightsLost >= 0.05) figures.push(`lights lose ${lightsLost.toFixed(1)}`);
  return note ? [...figures, note] : figures;
}
