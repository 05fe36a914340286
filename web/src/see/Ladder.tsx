import { Group } from "@mantine/core";
import { useMemo, useRef } from "react";
import type { Plan } from "../api/client";
import { shortName } from "../parts/masses";
import { percent } from "../parts/percent";
import { ValueSteps } from "../parts/ValueSteps";
import { figure, say } from "../words/say";
import { bandName } from "./bands";
import { columns } from "./columns";
import classes from "./see.module.css";

const WIDE = 640;
const TOP = 32;
const TALL = 622;
const LEFT = 92;
const RIGHT = 556;
const LOW = 0;
const GAP = 0.1;
const STEPS = [10, 9, 8, 7, 6, 5, 4, 3, 2, 1];
const y = (value: number) => TOP + ((10 - value) / (10 - LOW)) * TALL;

interface Props {
  plan: Plan;
  thresholds: number[];
  shares: number[];
  mass: string | null;
  area: string | null;
  onMass: (mass: string | null) => void;
  onArea: (area: string | null) => void;
  onDrag: (thresholds: number[]) => void;
  onDrop: (thresholds: number[]) => void;
}

/** The ladder: how much of the picture has each value, thresholds to drag, each mass a block. */
export function Ladder(props: Props) {
  const { plan, thresholds, shares, mass, area, onMass, onArea, onDrag, onDrop } = props;
  const { columns: things, blocks } = useMemo(
    () => columns(plan.document.masses, plan.view.areas ?? [], LEFT + 26, RIGHT - 4),
    [plan],
  );
  const most = Math.max(...plan.view.histogram, 1e-6);
  return (
    <section>
      <Group justify="space-between" fz="sm">
        <b>{say("ladder-values-each-area")}</b>
        <span>{say("ladder-value-black-white")}</span>
      </Group>
      <div className={classes.frame}>
        <svg
          viewBox={`0 0 ${WIDE} ${TALL + 40}`}
          className={classes.chart}
          role="img"
          aria-label={say("ladder-values-masses")}
        >
          {things.map(({ area: own, number, x, width }) => (
            <g key={own?.id ?? "rest"} onPointerEnter={() => onArea(own?.id ?? null)}>
              <rect
                x={x}
                width={width}
                y={0}
                height={TALL + 30}
                fill={own && own.id === area ? "var(--lit)" : "transparent"}
              />
              <text x={x + width / 2} y={13} textAnchor="middle" className={classes.band}>
                {number || ""}
              </text>
              <title>{own ? shortName(own) : say("ladder-area")}</title>
            </g>
          ))}
          <ValueSteps values={STEPS} yOf={y} />
          {plan.view.histogram.map((share, bin) => (
            <rect
              key={bin}
              x={LEFT - 8 - (56 * share) / most}
              y={y((bin + 1) / 20)}
              width={(56 * share) / most}
              height={TALL / 200 - 0.3}
              fill="var(--quiet)"
            />
          ))}
          {blocks.map(({ mass: own, x, width }) => (
            <rect
              key={own.id}
              x={x}
              width={width}
              y={y(own.valueRange[1]) - 1}
              height={Math.max(3, y(own.valueRange[0]) - y(own.valueRange[1]) + 2)}
              fill={`lab(${own.lab[0]} ${own.lab[1]} ${own.lab[2]})`}
              stroke="var(--ink)"
              strokeWidth={own.id === mass ? 2.5 : 0.6}
              onPointerEnter={() => onMass(own.id)}
            >
              <title>{shortName(own)}</title>
            </rect>
          ))}
          {thresholds.map((t, k) => (
            <g key={`line ${k + 1}`}>
              <line x1={LEFT + 22} x2={RIGHT} y1={y(t)} y2={y(t)} stroke="var(--ink)" />
              <path
                d={`M${LEFT - 2} ${y(t)}c5 -6 8 -6 11 0s6 6 12 0`}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={2}
              />
            </g>
          ))}
          <Bands thresholds={thresholds} shares={shares} />
        </svg>
        <Handles thresholds={thresholds} onDrag={onDrag} onDrop={onDrop} />
      </div>
    </section>
  );
}

function Bands({ thresholds, shares }: { thresholds: number[]; shares: number[] }) {
  const edges = [0, ...thresholds, 10];
  return (
    <g>
      {shares.map((share, band) => {
        const middle = ((edges[band] ?? 0) + (edges[band + 1] ?? 10)) / 2;
        return (
          <g key={band}>
            <text x={WIDE} y={y(middle) - 3} textAnchor="end" className={classes.band}>
              {bandName(band, shares.length)}
            </text>
            <text x={WIDE} y={y(middle) + 11} textAnchor="end" className={classes.small}>
              {percent(share)}
            </text>
            {band < thresholds.length && (
              <text x={RIGHT + 4} y={y(edges[band + 1] ?? 0) + 4} className={classes.value}>
                {figure(edges[band + 1] ?? 0, 1)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

interface HandlesProps {
  thresholds: number[];
  onDrag: (thresholds: number[]) => void;
  onDrop: (thresholds: number[]) => void;
}

/** Sliders over the threshold lines: dragged, or moved a tenth of a value by arrow. */
function Handles({ thresholds, onDrag, onDrop }: HandlesProps) {
  const area = useRef<HTMLDivElement>(null);
  const latest = useRef(thresholds);
  latest.current = thresholds;
  const at = (clientY: number) => {
    const box = area.current?.getBoundingClientRect();
    if (!box) return 0;
    const inView = ((clientY - box.top) / box.height) * (TALL + 40);
    return 10 - ((inView - TOP) / TALL) * 10;
  };
  const moved = (k: number, to: number) => {
    const low = (latest.current[k - 1] ?? 0) + GAP;
    const high = (latest.current[k + 1] ?? 10) - GAP;
    const next = [...latest.current];
    next[k] = Math.round(Math.min(high, Math.max(low, to)) * 100) / 100;
    latest.current = next;
    return next;
  };
  return (
    <div ref={area} className={classes.handles} data-arrows>
      {thresholds.map((t, k) => (
        <div
          key={`threshold ${k + 1}`}
          role="slider"
          tabIndex={0}
          aria-label={say("ladder-threshold", { k: k + 1 })}
          aria-orientation="vertical"
          aria-valuemin={0}
          aria-valuemax={10}
          aria-valuenow={t}
          style={{ top: `${(100 * (y(t) - 11)) / (TALL + 40)}%` }}
          onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
          onPointerMove={(event) => {
            if (event.currentTarget.hasPointerCapture(event.pointerId))
              onDrag(moved(k, at(event.clientY)));
          }}
          onPointerUp={() => onDrop(latest.current)}
          onKeyDown={(event) => {
            const step = { ArrowUp: 0.1, ArrowDown: -0.1 }[event.key];
            if (!step) return;
            event.preventDefault();
            onDrag(moved(k, t + step));
          }}
          onKeyUp={(event) => event.key.startsWith("Arrow") && onDrop(latest.current)}
        />
      ))}
    </div>
  );
}
