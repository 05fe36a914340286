import { Group, Text, Title, Toggle } from "@mantine/core";
import type { Comparison } from "../api/client";
import { Swatch } from "../parts/Swatch";
import { figure, Rich, rounded, say } from "../words/say";
import { bandName } from "./bands";
import type { useWindows } from "./useWindows";

interface Props {
  by: ReturnType<typeof useWindows>;
  bands: number;
  lining: boolean;
  onLining: () => void;
}

const SIZES = [
  { half: 0.006, words: say("windows-note-small") },
  { half: 0.015, words: say("windows-note-middle") },
  { half: 0.04, words: say("windows-note-large") },
];

/** What the two windows tell: values, difference in words, where the first stands, profiles along a line. */
export function WindowsNote({ by, bands, lining, onLining }: Props) {
  const { found, windows, line } = by;
  if (!found) return <p>{by.problem?.message ?? say("windows-note-reading-two-windows")}</p>;
  const predicted = windows.other.source === "predicted";
  return (
    <section aria-live="polite">
      <Group gap={18} mb={8}>
        <Patch reading={found.one} words="1" />
        <Patch reading={found.other} words={predicted ? say("windows-note-predicted") : "2"} />
        <div>
          <Title order={2}>{say("windows-note-second", { difference: found.words })}</Title>
          <p>ΔE₀₀ {figure(found.apart, 1)}</p>
        </div>
      </Group>
      <Standing standing={found.standing} bands={bands} />
      <Group gap="6 8" py={12}>
        <Toggle
          active={predicted}
          onClick={() => by.change("other", { source: predicted ? "reference" : "predicted" })}
        >
          {say("windows-note-second-predicted-picture")}
        </Toggle>
        <Toggle
          active={false}
          onClick={() => by.change("other", { x: windows.one.x, y: windows.one.y })}
        >
          {say("windows-note-both-one-place")}
        </Toggle>
        {SIZES.map(({ half, words }) => (
          <Toggle
            key={words}
            active={windows.one.half === half}
            onClick={() => {
              by.change("one", { half });
              by.change("other", { half });
            }}
          >
            {words}
          </Toggle>
        ))}
        <Toggle
          active={lining}
          onClick={() => {
            if (line) by.setLine(null);
            onLining();
          }}
        >
          {lining ? say("windows-note-drag-across-picture") : say("windows-note-values-along-line")}
        </Toggle>
      </Group>
      {found.profiles.length > 0 && <Profiles profiles={found.profiles} />}
    </section>
  );
}

function Patch({ reading, words }: { reading: Comparison["one"]; words: string }) {
  return (
    <figure>
      <Swatch lab={reading.lab} bd="0" w={92} h={58} />
      <Text component="figcaption" fz="sm">
        <b>{figure(reading.value, 1)}</b> {words}
      </Text>
    </figure>
  );
}

function Standing({ standing, bands }: { standing: Comparison["standing"]; bands: number }) {
  const { value, band, nearest, onSurface, beside, besideLab, words } = standing;
  return (
    <p>
      <Swatch lab={besideLab} bd="0" w={46} h={18} mr={8} title={say("windows-note-as-it-looks")} />
      <Rich
        words={say("windows-note-standing", {
          value: rounded(value, 1),
          band: bandName(band, bands),
          by: rounded(nearest, 1),
        })}
      />{" "}
      {say("windows-note-looks", {
        bare: rounded(onSurface, 1),
        here: rounded(beside, 1),
        words,
      })}{" "}
      <span className="quiet">{say("windows-note-published-rule-contrast")}</span>
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
      width="100%"
      style={{ maxWidth: 480 }}
      role="img"
      aria-label={say("windows-note-values-along-line-b")}
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
