import { useMemo } from "react";
import type { Mass, Plan } from "../api/client";
import { shortName } from "../parts/masses";
import { dipPath, ridgePath, ridges } from "../parts/ridges";
import { shortMinutes } from "../parts/time";
import { ValueSteps } from "../parts/ValueSteps";
import { figure, say } from "../words/say";
import { LEFT, RIGHT, WIDE } from "./board";
import classes from "./order.module.css";
import { Ridges } from "./Ridges";
import { Rows } from "./Rows";
import { labels, type Ribbon, ribbons, type Scale, yOf } from "./ribbons";

const LADDER: Scale = { top: 14, height: 276, low: 1.5, high: 10 };
const RIDGES = 344;

interface Props {
  plan: Plan;
  pass: number;
  mass: string | null;
  rows: "areas" | "masses" | null;
  children?: React.ReactNode;
  onPass: (pass: number) => void;
  onMass: (mass: string | null) => void;
  onDrag: (pass: string, to: number, dropped: boolean) => void;
}

/** The washboard: the value ladder upright, time to the right, every mass a ribbon of its own colour. */
export function Washboard(props: Props) {
  const { plan, pass, mass, rows, children, onPass, onMass, onDrag } = props;
  const passes = plan.document.passes;
  const row = useMemo(
    () =>
      ridges(passes, RIGHT - LEFT).map((r) => ({
        ...r,
        start: r.start + LEFT,
        end: r.end + LEFT,
        next: r.next + LEFT,
      })),
    [passes],
  );
  const all = useMemo(() => ribbons(plan, row, LADDER, LEFT, RIGHT), [plan, row]);
  const lit = row[pass - 1];
  const tall = RIDGES + 22;
  return (
    <div className={classes.washboard}>
      <svg
        viewBox={`0 0 ${WIDE} ${tall}`}
        className={classes.chart}
        role="img"
        aria-label={say("washboard-values-all-masses")}
      >
        {lit && (
          <rect x={lit.start} y={0} width={lit.end - lit.start} height={tall} fill="var(--lit)" />
        )}
        <Ladder />
        <Ribbons all={all} mass={mass} onMass={onMass} />
        <Names all={all} mass={mass} onMass={onMass} />
        <line x1={LEFT} x2={RIGHT} y1={RIDGES} y2={RIDGES} stroke="var(--hair)" />
        {row.slice(0, -1).map((r, k) => (
          <g key={r.id}>
            <path d={dipPath(r, RIDGES)} fill="none" stroke="var(--line)" />
            {(passes[k]?.waitMinutes ?? 0) > 0 && r.next - r.end > 16 && (
              <text
                x={(r.end + r.next) / 2}
                y={RIDGES - 6}
                textAnchor="middle"
                className={classes.small}
              >
                {shortMinutes(r.wait)}
              </text>
            )}
          </g>
        ))}
        {row.map((r, k) => (
          <path
            key={r.id}
            d={ridgePath(r, RIDGES, 26)}
            fill={k + 1 === pass ? "var(--lit)" : "none"}
            stroke="var(--ink)"
            strokeWidth={k + 1 === pass ? 2.4 : 1}
          />
        ))}
        <Total plan={plan} />
      </svg>
      <Ridges
        row={row}
        plan={plan}
        pass={pass}
        base={RIDGES}
        tall={tall}
        onPass={onPass}
        onDrag={onDrag}
      />
      {children}
      {rows && (
        <Rows
          plan={plan}
          row={row}
          pass={pass}
          mass={mass}
          all={rows === "masses"}
          onMass={onMass}
          onPass={onPass}
        />
      )}
    </div>
  );
}

function Total({ plan }: { plan: Plan }) {
  const { workMinutes: work = 0, waitMinutes: wait = 0 } = plan.document.totals ?? {};
  return (
    <text x={RIGHT + 12} y={RIDGES - 4} className={classes.small}>
      {wait > 0
        ? say("washboard-work-waiting", { work: shortMinutes(work), wait: shortMinutes(wait) })
        : say("washboard-work", { work: shortMinutes(work) })}
    </text>
  );
}

const STEPS = [10, 9, 8, 7, 6, 5, 4, 3, 2];

function Ladder() {
  return (
    <g>
      {STEPS.map((value) => (
        <line
          key={value}
          x1={LEFT}
          x2={RIGHT}
          y1={yOf(LADDER, value)}
          y2={yOf(LADDER, value)}
          stroke="var(--hair)"
        />
      ))}
      <ValueSteps values={STEPS} yOf={(value) => yOf(LADDER, value)} />
    </g>
  );
}

interface RibbonsProps {
  all: Ribbon[];
  mass: string | null;
  onMass: (mass: string | null) => void;
}

function Ribbons({ all, mass, onMass }: RibbonsProps) {
  const drawn = mass
    ? [...all.filter((r) => r.mass.id !== mass), ...all.filter((r) => r.mass.id === mass)]
    : all;
  return (
    <g>
      <defs>
        {all.map(({ mass: { id }, colours }) => (
          <linearGradient
            key={id}
            id={`ribbon-${id}`}
            gradientUnits="userSpaceOnUse"
            x1={LEFT}
            x2={RIGHT}
          >
            {colours.map((colour, k) => (
              <stop key={k} offset={k / Math.max(1, colours.length - 1)} stopColor={colour} />
            ))}
          </linearGradient>
        ))}
      </defs>
      {drawn.map(({ mass: own, path }) => (
        <path
          key={own.id}
          d={path}
          fill={`url(#ribbon-${own.id})`}
          stroke={own.id === mass ? "var(--ink)" : "var(--line)"}
          strokeWidth={own.id === mass ? 1.6 : 0.5}
          onPointerEnter={() => onMass(own.id)}
        >
          <title>{shortName(own)}</title>
        </path>
      ))}
    </g>
  );
}

function Names({ all, mass, onMass }: RibbonsProps) {
  return (
    <g>
      {labels(all, LADDER, 14.5, 19).map(({ ribbon, y }) => (
        <g
          key={ribbon.mass.id}
          className={classes.label}
          data-lit={ribbon.mass.id === mass}
          onPointerEnter={() => onMass(ribbon.mass.id)}
        >
          <path d={`M${RIGHT} ${ribbon.end}L${RIGHT + 9} ${y}`} stroke="var(--line)" fill="none" />
          <Label x={RIGHT + 12} y={y + 4} words={labelOf(ribbon.mass)} />
          <text x={WIDE} y={y + 4} textAnchor="end">
            {figure(ribbon.values.at(-1) ?? 0, 1)}
          </text>
        </g>
      ))}
    </g>
  );
}

const labelOf = (mass: Mass) => {
  if (mass.kind !== "accent" || mass.name) return shortName(mass);
  return mass.light ? say("washboard-highlights") : say("washboard-dark-accents");
};

/** Letters that fit beside the chart, those that fit when they stand closer, and the room that they have. */
const [EASY, CLOSE, ROOM] = [24, 28, WIDE - RIGHT - 38];

function Label({ x, y, words }: { x: number; y: number; words: string }) {
  const shown = words.length > CLOSE ? `${words.slice(0, CLOSE - 1)}…` : words;
  const closer = shown.length > EASY ? { textLength: ROOM, lengthAdjust: "spacing" } : {};
  return (
    <text x={x} y={y} {...closer}>
      {shown}
    </text>
  );
}
