import type { ReactNode } from "react";
import type { Piece, Prepared, View } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { capital } from "../parts/masses";
import { percent } from "../parts/percent";
import { listed, rounded, say } from "../words/say";
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
  const settle = (place: { x: number; y: number }, shines: boolean) =>
    changes.edit.mutate({ sources: [...said, { ...toReference(view, place), shines }] });
  return (
    <dl className={classes.facts}>
      <Line words={say("composition-facts-horizon")}>{horizonWords(prepared)}</Line>
      <Line words={say("composition-facts-focus")}>
        {say(focus.proposed ? "composition-facts-focus-proposed" : "composition-facts-focus-set", {
          cm: rounded(focus.awayCm, 1),
        })}
      </Line>
      <Line words={say("composition-facts-light")}>
        {lightWords(light, sources)}
        {sources.map(({ x, y, value, confirmed }, k) => (
          <div key={`${x} ${y}`}>
            {say("composition-facts-bright-spot", { number: k + 1, value: rounded(value, 1) })}{" "}
            {confirmed ? (
              <b>{say("composition-facts-lamp")}</b>
            ) : (
              <>
                <Act onClick={() => settle({ x, y }, true)}>{say("composition-facts-lamp")}</Act>{" "}
                <Act onClick={() => settle({ x, y }, false)}>
                  {say("composition-facts-reflection")}
                </Act>
              </>
            )}
          </div>
        ))}
      </Line>
      <Line words={say("composition-facts-light-shadow")}>
        {turns.length === 0 && say("composition-facts-area-shows-both")}
        {turns.slice(0, 4).map((turn) => (
          <div key={turn.area}>
            {capital(turn.called)}: {gapWords(turn)}
          </div>
        ))}
      </Line>
      <Line words={say("composition-facts-largest-areas")}>
        {listed(shapes.map((s) => `${s.called} ${percent(s.share)}`))}
      </Line>
      <Line words={say("composition-facts-path")}>
        {say("composition-facts-dotted-how-eye", { leads: percent(leads) })}
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
  if (!horizon) return say("composition-facts-none-found");
  const { leftCm, rightCm, tiltDeg } = horizon;
  if (Math.abs(leftCm - rightCm) < 0.1)
    return say("composition-facts-cm-top-both", {
      leftCm: rounded(leftCm, 1),
      share: percent(leftCm / heightCm),
    });
  return say("composition-facts-cm-top-left", {
    leftCm: rounded(leftCm, 1),
    rightCm: rounded(rightCm, 1),
    tiltDeg: rounded(Math.abs(tiltDeg), 1),
  });
}

function lightWords(light: Prepared["light"], sources: Prepared["sources"]): string {
  const [strongest] = sources;
  if (light) {
    return light.proposed
      ? say("composition-facts-light-agreed", { way: light.words, count: light.things })
      : say("composition-facts-light-set", { way: light.words });
  }
  if (strongest)
    return say("composition-facts-lamps", {
      count: sources.length,
      value: rounded(strongest.value, 1),
    });
  return say("composition-facts-areas-do-agree");
}

function gapWords({ darkestLight, lightestShadow, gap }: Prepared["turns"][number]): string {
  const words =
    gap >= 0.5
      ? say("composition-facts-apart", { gap: rounded(gap, 1) })
      : gap > 0
        ? say("composition-facts-hardly-apart")
        : say("composition-facts-light-shadow-mix", { gap: rounded(-gap, 1) });
  return say("composition-facts-darkest-light-lightest", {
    darkestLight: rounded(darkestLight, 1),
    lightestShadow: rounded(lightestShadow, 1),
    words,
  });
}
