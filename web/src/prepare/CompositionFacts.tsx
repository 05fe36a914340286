import type { ReactNode } from "react";
import type { Piece, Prepared, View } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { capital } from "../parts/masses";
import { percent } from "../parts/percent";
import { toReference } from "./arrangement";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  prepared: Prepared;
  view: View;
  changes: ReturnType<typeof useChanges>;
}

/** What was measured in the arrangement: horizon, focus, light, main shapes, the way to the focus. */
export function CompositionFacts({ piece, prepared, view, changes }: Props) {
  const { focus, light, sources, shapes, turns, leads } = prepared;
  const said = piece.settings.sources ?? [];
  const say = (place: { x: number; y: number }, shines: boolean) =>
    changes.edit.mutate({ sources: [...said, { ...toReference(view, place), shines }] });
  return (
    <dl className={classes.facts}>
      <Line words="Horizon">{horizonWords(prepared)}</Line>
      <Line words="Focus">
        {focus.awayCm.toFixed(1)} cm from a crossing of the thirds,{" "}
        {focus.proposed ? "proposed" : "as you set it"}
      </Line>
      <Line words="Light">
        {lightWords(light, sources)}
        {sources.map(({ x, y, value, confirmed }, k) => (
          <div key={`${x} ${y}`}>
            Bright spot {k + 1}, {value.toFixed(1)}:{" "}
            {confirmed ? (
              <b>a lamp</b>
            ) : (
              <>
                <Act onClick={() => say({ x, y }, true)}>a lamp</Act>{" "}
                <Act onClick={() => say({ x, y }, false)}>a reflection</Act>
              </>
            )}
          </div>
        ))}
      </Line>
      <Line words="Light and shadow">
        {turns.length === 0 && "no area shows both"}
        {turns.slice(0, 4).map((turn) => (
          <div key={turn.area}>
            {capital(turn.called)}: {gapWords(turn)}
          </div>
        ))}
      </Line>
      <Line words="Largest areas">
        {shapes.map((s) => `${s.called} ${percent(s.share)}`).join(", ")}
      </Line>
      <Line words="Path">
        dotted: how the eye gets to the focus ({percent(leads)} along contrasts)
      </Line>
    </dl>
  );
}

function Line({ words, children }: { words: string; children: ReactNode }) {
  return (
    <>
      <dt>{words}</dt>
      <dd>{children}</dd>
    </>
  );
}

function horizonWords({ horizon, heightCm }: Prepared): string {
  if (!horizon) return "none found";
  const { leftCm, rightCm, tiltDeg } = horizon;
  if (Math.abs(leftCm - rightCm) < 0.1)
    return `${leftCm.toFixed(1)} cm from the top on both sides, ${percent(leftCm / heightCm)} of the height`;
  return `${leftCm.toFixed(1)} cm from the top left, ${rightCm.toFixed(1)} cm right: ${Math.abs(tiltDeg).toFixed(1)}° off level`;
}

function lightWords(light: Prepared["light"], sources: Prepared["sources"]): string {
  const [strongest] = sources;
  if (light) {
    const how = light.proposed ? `: ${light.things} areas agree` : ", as you set it";
    return `falls ${light.words}${how}`;
  }
  if (strongest)
    return `from ${sources.length === 1 ? "a light" : `${sources.length} lights`} in the picture, the strongest of value ${strongest.value.toFixed(1)}`;
  return "the areas do not agree on a direction: correct them, or set it";
}

function gapWords({ darkestLight, lightestShadow, gap }: Prepared["turns"][number]): string {
  const words =
    gap >= 0.5
      ? `${gap.toFixed(1)} apart`
      : gap > 0
        ? "hardly apart"
        : `light and shadow mix (${(-gap).toFixed(1)})`;
  return `darkest in light ${darkestLight.toFixed(1)}, lightest in shadow ${lightestShadow.toFixed(1)}, ${words}`;
}
