import type { Finding, Piece, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
import { arrangementOf, isPlain } from "./arrangement";
import type { Doing } from "./Prepare";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  prepared: Prepared;
  changes: ReturnType<typeof useChanges>;
  doing: Doing;
  onDoing: (doing: Doing) => void;
}

const DOINGS: { key: Doing; words: string }[] = [
  { key: "crop", words: "crop" },
  { key: "move", words: "move a thing" },
  { key: "focus", words: "set the focus" },
  { key: "light", words: "set the light" },
];

/** What the arrangement does and what weakens it, each finding with a fix to try. */
export function Composition({ piece, prepared, changes, doing, onDoing }: Props) {
  const plain = isPlain(arrangementOf(piece));
  return (
    <>
      <p className={classes.acts} role="group" aria-label="What to do in the picture">
        {DOINGS.map(({ key, words }) => (
          <button key={key} type="button" aria-pressed={doing === key} onClick={() => onDoing(key)}>
            {words}
          </button>
        ))}
        {!plain && (
          <button
            type="button"
            onClick={() => changes.edit.mutate({ arrangement: { level: 0, moves: [] } })}
          >
            as photographed
          </button>
        )}
      </p>
      <ol className={classes.findings}>
        {prepared.findings.map((finding, k) => (
          <Found
            key={finding.kind}
            number={k + 1}
            finding={finding}
            onTry={() => finding.fix && changes.edit.mutate({ arrangement: finding.fix })}
          />
        ))}
      </ol>
      {prepared.findings.length === 0 && <p>Nothing weakens the arrangement.</p>}
      <Facts prepared={prepared} />
    </>
  );
}

function Found({
  number,
  finding,
  onTry,
}: {
  number: number;
  finding: Finding;
  onTry: () => void;
}) {
  return (
    <li>
      <b>{number}</b>
      <div>
        <p>
          <b>{finding.sentence}</b> {finding.why}
        </p>
        {finding.fix ? (
          <button type="button" className="act" onClick={onTry}>
            Try it: {finding.fixWords}
          </button>
        ) : (
          finding.fixWords && <p className="quiet">{finding.fixWords}</p>
        )}
      </div>
    </li>
  );
}

function Facts({ prepared }: { prepared: Prepared }) {
  const { horizon, focus, light, sources, shapes, families, leads, heightCm } = prepared;
  const level = horizon && Math.abs(horizon.leftCm - horizon.rightCm) < 0.1;
  return (
    <dl className={classes.facts}>
      <dt>Horizon</dt>
      <dd>
        {horizon
          ? level
            ? `${horizon.leftCm.toFixed(1)} cm from the top on both sides, ${Math.round((100 * horizon.leftCm) / heightCm)} % of the height`
            : `${horizon.leftCm.toFixed(1)} cm from the top left, ${horizon.rightCm.toFixed(1)} cm right: ${Math.abs(horizon.tiltDeg).toFixed(1)}° off level`
          : "none found"}
      </dd>
      <dt>Focus</dt>
      <dd>
        {focus.awayCm.toFixed(1)} cm from a crossing of the thirds,{" "}
        {focus.proposed ? "proposed" : "as you set it"}
      </dd>
      <dt>Light</dt>
      <dd>
        {light
          ? `${light.words}, ${Math.round(light.direction)}°${light.proposed ? `: ${light.things} things agree ${Math.round(100 * light.agreement)} %` : ", as you set it"}`
          : sources.length
            ? `from ${sources.length === 1 ? "a light" : `${sources.length} lights`} in the picture, the strongest of value ${(sources[0]?.value ?? 0).toFixed(1)}`
            : "the things do not agree on a direction: correct the areas, or set it"}
      </dd>
      <dt>Light and shadow</dt>
      <dd>{gapWords(families)}</dd>
      <dt>Main shapes</dt>
      <dd>{shapes.map((s) => `${s.called} ${Math.round(100 * s.share)} %`).join(", ")}</dd>
      <dt>Path</dt>
      <dd>The way to the focus runs {Math.round(100 * leads)} % along contrasts</dd>
    </dl>
  );
}

function gapWords({ darkestLight, lightestShadow, gap }: Prepared["families"]): string {
  if (darkestLight === null || lightestShadow === null || gap === null)
    return "all areas belong to one family so far";
  const words =
    gap >= 0.5
      ? `${gap.toFixed(1)} apart`
      : gap > 0
        ? "hardly apart"
        : `overlap by ${(-gap).toFixed(1)}`;
  return `darkest in light ${darkestLight.toFixed(1)}, lightest in shadow ${lightestShadow.toFixed(1)}: ${words}`;
}
