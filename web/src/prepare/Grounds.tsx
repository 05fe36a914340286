import type { Ground, Piece, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
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
  const choose = (ground: Ground) =>
    changes.edit.mutate({ ground: ground.key === "own" ? null : ground.key });
  return (
    <>
      <SheetForm piece={piece} prepared={prepared} changes={changes} />
      <SurfaceForm piece={piece} changes={changes} />
      {best && (
        <p className={classes.lead}>
          <b>{upper(best.words)}</b> suits best. {best.why}
        </p>
      )}
      <ol className={classes.grounds}>
        {grounds.map((ground) => (
          <li key={ground.key} data-chosen={ground.key === chosen}>
            <img src={ground.picture} alt={`Begun on ${ground.words}`} />
            <div>
              <h3>
                {ground.kind !== "patches" && (
                  <span
                    className={classes.swatch}
                    style={{ background: `lab(${ground.lab.join(" ")})` }}
                  />
                )}
                {upper(ground.words)}
              </h3>
              <p>
                Paints <b>{Math.round(100 * ground.share)} %</b> already ·{" "}
                {ground.layers.toFixed(1)} coats in the mean, {ground.lightsLayers} for the lights
                {ground.fewerLayers > 0 &&
                  ` · ${ground.fewerLayers} of ${ground.masses} need fewer`}
              </p>
              <p className="quiet">{details(ground).join(" · ")}</p>
            </div>
            {ground.key === chosen ? (
              <b>this one</b>
            ) : (
              <button type="button" className="act" onClick={() => choose(ground)}>
                take it
              </button>
            )}
          </li>
        ))}
      </ol>
      <p className="quiet">
        Shares are counted by pixels of the photo (within 0.4 of value and ΔE 8). Coats are modelled
        from how much each paint hides, a guess that test strips correct.
      </p>
    </>
  );
}

/** The figures below the first line, as many as there are. */
function details(ground: Ground): string[] {
  const { kind, value, toLightest, toDarkest, lightsLost, note } = ground;
  const told = [];
  if (kind !== "patches")
    told.push(
      `Value ${value.toFixed(1)}; the lightest is ${toLightest.toFixed(1)} above, the darkest ${toDarkest.toFixed(1)} below`,
    );
  if (ground.minutes > 0)
    told.push(`${minutes(ground.minutes)} to lay, ${minutes(ground.dryMinutes)} to dry`);
  if (lightsLost >= 0.05) told.push(`lights lose ${lightsLost.toFixed(1)}`);
  return note ? [...told, note] : told;
}

const upper = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
