import type { Comparison } from "../api/client";
import { bandName } from "./bands";
import classes from "./see.module.css";
import type { useWindows } from "./useWindows";

interface Props {
  by: ReturnType<typeof useWindows>;
  bands: number;
  lining: boolean;
  onLining: () => void;
}

const SIZES = [
  { half: 0.006, words: "small" },
  { half: 0.015, words: "middle" },
  { half: 0.04, words: "large" },
];

/** What the two windows tell: values, difference in words, where the first stands, profiles along a line. */
export function WindowsNote({ by, bands, lining, onLining }: Props) {
  const { found, windows, line } = by;
  if (!found) return <p>{by.problem?.message ?? "Reading the two windows…"}</p>;
  const predicted = windows.other.source === "predicted";
  return (
    <section className={classes.note} aria-live="polite">
      <div className={classes.pairOf}>
        <Patch reading={found.one} words="1" />
        <Patch reading={found.other} words={predicted ? "2, as predicted" : "2"} />
        <div>
          <h2>The second is {found.words}</h2>
          <p>ΔE₀₀ {found.apart.toFixed(1)}</p>
        </div>
      </div>
      <Standing standing={found.standing} bands={bands} />
      <p className={classes.alone}>
        <button
          type="button"
          aria-pressed={predicted}
          onClick={() => by.change("other", { source: predicted ? "reference" : "predicted" })}
        >
          second on the predicted picture
        </button>
        <button
          type="button"
          onClick={() => by.change("other", { x: windows.one.x, y: windows.one.y })}
        >
          both at one place
        </button>
        {SIZES.map(({ half, words }) => (
          <button
            key={words}
            type="button"
            aria-pressed={windows.one.half === half}
            onClick={() => {
              by.change("one", { half });
              by.change("other", { half });
            }}
          >
            {words}
          </button>
        ))}
        <button
          type="button"
          aria-pressed={lining}
          onClick={() => {
            if (line) by.setLine(null);
            onLining();
          }}
        >
          {lining ? "drag across the picture" : "values along a line"}
        </button>
      </p>
      {found.profiles.length > 0 && <Profiles profiles={found.profiles} />}
    </section>
  );
}

function Patch({ reading, words }: { reading: Comparison["one"]; words: string }) {
  const [l, a, b] = reading.lab;
  return (
    <figure className={classes.patch}>
      <span style={{ background: `lab(${l} ${a} ${b})` }} />
      <figcaption>
        <b>{reading.value.toFixed(1)}</b> {words}
      </figcaption>
    </figure>
  );
}

function Standing({ standing, bands }: { standing: Comparison["standing"]; bands: number }) {
  const { value, band, nearest, onSurface, beside } = standing;
  return (
    <p>
      The first, {value.toFixed(1)}, belongs to <b>{bandName(band, bands)}</b>, {nearest.toFixed(1)}{" "}
      from its border. On the bare surface it looks like {onSurface.toFixed(1)}, here like{" "}
      {beside.toFixed(1)}{" "}
      <span className="quiet">(by a published rule of contrast, CIECAM02; not measured)</span>.
    </p>
  );
}

const WIDE = 320;
const TALL = 110;

/** The values along the line: solid the first window's picture, dashed the second's. */
function Profiles({ profiles }: { profiles: number[][] }) {
  return (
    <svg
      viewBox={`0 0 ${WIDE + 24} ${TALL + 4}`}
      className={classes.profiles}
      role="img"
      aria-label="Values along the line"
    >
      {[2, 4, 6, 8].map((v) => (
        <g key={v}>
          <line x1={24} x2={WIDE + 24} y1={yOf(v)} y2={yOf(v)} stroke="var(--hair)" />
          <text x={2} y={yOf(v) + 4} fontSize={11} fill="var(--ink)">
            {v}
          </text>
        </g>
      ))}
      {profiles.map((values, k) => (
        <polyline
          key={k === 0 ? "one" : "other"}
          points={values
            .map((v, i) => `${24 + (i / (values.length - 1)) * WIDE},${yOf(v)}`)
            .join(" ")}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={k ? 1.4 : 2.2}
          strokeDasharray={k ? "4 4" : undefined}
        />
      ))}
    </svg>
  );
}

const yOf = (value: number) => 2 + ((10 - value) / 10) * TALL;
