import { Text, Title } from "@mantine/core";
import type { Ground, Piece, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { capital } from "../parts/masses";
import { Swatch } from "../parts/Swatch";
import { minutes } from "../parts/time";
import { Rich, rounded, say } from "../words/say";
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
          <Rich words={say("grounds-best", { ground: capital(best.words) })} /> {best.why}
        </Text>
      )}
      <ol className={classes.grounds}>
        {grounds.map((ground) => (
          <GroundRow
            key={ground.key}
            ground={ground}
            chosen={ground.key === chosen}
            onTake={() =>
              changes.edit.mutate(
                ground.tone
                  ? { surface: ground.tone, stock: ground.stock, ground: null }
                  : { ground: ground.key === "own" ? null : ground.key },
              )
            }
          />
        ))}
      </ol>
      <p className="quiet">{say("grounds-shares-counted-photo")}</p>
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
  const { words, kind, lab } = ground;
  return (
    <li data-chosen={chosen}>
      <img src={ground.picture} width={104} alt={say("grounds-begun", { words })} />
      <div>
        <Title order={3}>
          {kind !== "patches" && <Swatch lab={lab} w={26} h={13} mr={8} />}
          {capital(words)} {ground.tone && <small>{say("grounds-shelf")}</small>}
        </Title>
        <Text fz="sm">
          <Rich words={say("grounds-spares", { percent: Math.round(100 * ground.share) })} />
          {costs(ground).map((cost) => ` · ${cost}`)}
        </Text>
        <Text fz="sm" c={chosen ? undefined : "dimmed"}>
          {details(ground).join(" · ")}
        </Text>
      </div>
      {chosen ? <b>{say("grounds-in-use")}</b> : <Act onClick={onTake}>{say("grounds-take")}</Act>}
    </li>
  );
}

/** What the coats over a ground come to, where they are more or fewer than usual. */
function costs({ layers, lightsLayers, fewerLayers, masses }: Ground): string[] {
  const found = [];
  if (layers >= 1.05) found.push(say("grounds-coats", { coats: rounded(layers, 1) }));
  if (lightsLayers > 1) found.push(say("grounds-coats-lights", { coats: lightsLayers }));
  if (fewerLayers > 0) found.push(say("grounds-coats-fewer", { count: fewerLayers, masses }));
  return found;
}

/** How far a ground lies from the lightest or darkest of the picture, never less than nothing. */
const step = (by: number, way: "lightest" | "darkest") =>
  by < 0.05 ? say(`grounds-at-${way}`) : say(`grounds-to-${way}`, { by: rounded(by, 1) });

/** The figures below the first line, as many as there are. */
function details(ground: Ground): string[] {
  const { kind, value, toLightest, toDarkest, lightsLost, note } = ground;
  const figures = [];
  if (kind !== "patches")
    figures.push(
      say("grounds-value", {
        value: rounded(value, 1),
        lightest: step(toLightest, "lightest"),
        darkest: step(toDarkest, "darkest"),
      }),
    );
  if (ground.minutes > 0)
    figures.push(
      say("grounds-lay-dry", {
        minutes: minutes(ground.minutes),
        dryMinutes: minutes(ground.dryMinutes),
      }),
    );
  if (lightsLost >= 0.05)
    figures.push(say("grounds-lights-lose", { lightsLost: rounded(lightsLost, 1) }));
  return note ? [...figures, note] : figures;
}
