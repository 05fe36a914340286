import type { Finding, Piece, Prepared, View } from "../api/client";
import type { useChanges } from "../api/hooks";
import type { Place } from "../parts/line";
import { arrangementOf, isPlain, toReference, withMove } from "./arrangement";
import type { Doing } from "./looks";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  prepared: Prepared;
  view: View;
  changes: ReturnType<typeof useChanges>;
  doing: Doing;
  onDoing: (doing: Doing) => void;
  /** Where the thing stands that was touched last, in the reference. */
  thing: Place | null;
}

const DOINGS: { key: Doing; words: string }[] = [
  { key: "crop", words: "crop" },
  { key: "move", words: "move a thing" },
  { key: "dark", words: "a dark accent" },
  { key: "glint", words: "a light accent" },
  { key: "focus", words: "set the focus" },
  { key: "light", words: "set the light" },
];

const SIZES = [
  { words: "larger", scale: 1.15 },
  { words: "smaller", scale: 0.87 },
  { words: "leave it out", drop: true },
];

/** What the arrangement does and what weakens it, each finding with a fix to try. */
export function Composition(props: Props) {
  const { piece, prepared, view, changes, doing, onDoing, thing } = props;
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
            onClick={() =>
              changes.edit.mutate({ arrangement: { level: 0, moves: [], accents: [] } })
            }
          >
            as photographed
          </button>
        )}
      </p>
      {doing === "move" && thing && (
        <p className={classes.acts} role="group" aria-label="The thing touched">
          {SIZES.map(({ words, ...how }) => (
            <button
              key={words}
              type="button"
              onClick={() =>
                changes.edit.mutate((now) => ({
                  arrangement: withMove(arrangementOf(now), { ...thing, ...how }),
                }))
              }
            >
              {words}
            </button>
          ))}
        </p>
      )}
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
      <Facts piece={piece} prepared={prepared} view={view} changes={changes} />
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

function Facts({
  piece,
  prepared,
  view,
  changes,
}: Pick<Props, "piece" | "prepared" | "view" | "changes">) {
  const { horizon, focus, light, sources, shapes, turns, leads, heightCm } = prepared;
  const said = piece.settings.sources ?? [];
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
        {sources.map(({ x, y, value, confirmed }, k) => (
          <span key={`${x} ${y}`} className={classes.source}>
            Light {k + 1}, {value.toFixed(1)}:{" "}
            {confirmed ? (
              <b>a source</b>
            ) : (
              [true, false].map((shines) => (
                <button
                  key={String(shines)}
                  type="button"
                  className="act"
                  onClick={() =>
                    changes.edit.mutate({
                      sources: [...said, { ...toReference(view, { x, y }), shines }],
                    })
                  }
                >
                  {shines ? "it shines" : "it does not"}
                </button>
              ))
            )}
          </span>
        ))}
      </dd>
      <dt>Light and shadow</dt>
      <dd>
        {turns.length === 0 && "no area shows both"}
        {turns.slice(0, 4).map((turn) => (
          <span key={turn.area} className={classes.source}>
            {upper(turn.called)}: {gapWords(turn)}
          </span>
        ))}
      </dd>
      <dt>Main shapes</dt>
      <dd>{shapes.map((s) => `${s.called} ${Math.round(100 * s.share)} %`).join(", ")}</dd>
      <dt>Path</dt>
      <dd>The way to the focus runs {Math.round(100 * leads)} % along contrasts</dd>
    </dl>
  );
}

function gapWords({ darkestLight, lightestShadow, gap }: Prepared["turns"][number]): string {
  const words =
    gap >= 0.5
      ? `${gap.toFixed(1)} apart`
      : gap > 0
        ? "hardly apart"
        : `they overlap by ${(-gap).toFixed(1)}`;
  return `darkest in light ${darkestLight.toFixed(1)}, lightest in shadow ${lightestShadow.toFixed(1)}, ${words}`;
}

const upper = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
