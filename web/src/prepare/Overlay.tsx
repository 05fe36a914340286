import type { Prepared } from "../api/client";
import type { Place } from "../parts/line";
import type { Part } from "./looks";
import classes from "./prepare.module.css";

interface Props {
  prepared: Prepared;
  part: Part;
  marks: Place[];
}

const THIRDS = [1 / 3, 2 / 3];

/** Thirds, horizon, focus, path, light and findings, or the marked places, drawn over the picture. */
export function Overlay({ prepared, part, marks }: Props) {
  const {
    widthCm: wide,
    heightCm: high,
    horizon,
    focus,
    findings,
    light,
    sources,
    path,
  } = prepared;
  const composing = part === "composition";
  return (
    <svg
      className={classes.overlay}
      viewBox={`0 0 ${wide} ${high}`}
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      {composing && (
        <>
          {THIRDS.map((t) => (
            <g key={t} className={classes.thin}>
              <Double d={`M${t * wide} 0V${high}`} />
              <Double d={`M0 ${t * high}H${wide}`} />
            </g>
          ))}
          <g className={classes.dashed}>
            <Double d={`M${path.map(([x, y]) => `${x * wide} ${y * high}`).join("L")}`} />
          </g>
          <Ring at={{ x: focus.x * wide, y: focus.y * high }} size={0.028 * wide} />
          {sources.map(({ x, y }) => (
            <Rays key={`${x} ${y}`} at={{ x: x * wide, y: y * high }} size={0.02 * wide} />
          ))}
          {light && <Arrow degrees={light.direction} wide={wide} high={high} />}
          {findings.map((finding, k) => (
            <Numbered
              key={finding.kind}
              at={{ x: finding.place[0] * wide, y: finding.place[1] * high }}
              number={k + 1}
              size={0.022 * wide}
              wide={wide}
              high={high}
            />
          ))}
        </>
      )}
      {horizon && (composing || part === "measures") && (
        <Double d={`M0 ${horizon.leftCm}L${wide} ${horizon.rightCm}`} />
      )}
      {marks.map((mark, k) => {
        const at = { x: mark.x * wide, y: mark.y * high };
        const before = marks[k - 1];
        return (
          <g key={`${mark.x} ${mark.y}`}>
            <g className={classes.thin}>
              <Double d={`M${at.x} 0V${high}M0 ${at.y}H${wide}`} />
            </g>
            {before && <Double d={`M${before.x * wide} ${before.y * high}L${at.x} ${at.y}`} />}
            <Numbered at={at} number={k + 1} size={0.02 * wide} wide={wide} high={high} />
          </g>
        );
      })}
    </svg>
  );
}

/** A dark line on a light one: it shows on any value. */
function Double({ d }: { d: string }) {
  return (
    <>
      <path d={d} data-tone="light" />
      <path d={d} data-tone="dark" />
    </>
  );
}

function Ring({ at, size }: { at: Place; size: number }) {
  const d = `M${at.x - size} ${at.y}a${size} ${size} 0 1 0 ${2 * size} 0a${size} ${size} 0 1 0 ${-2 * size} 0`;
  return <Double d={d} />;
}

/** Eight short rays about a source of light. */
function Rays({ at, size }: { at: Place; size: number }) {
  const d = [0, 1, 2, 3, 4, 5, 6, 7]
    .map((k) => {
      const [c, s] = [Math.cos((k * Math.PI) / 4), Math.sin((k * Math.PI) / 4)];
      return `M${at.x + size * c} ${at.y + size * s}l${0.7 * size * c} ${0.7 * size * s}`;
    })
    .join("");
  return <Double d={d} />;
}

interface NumberedProps {
  at: Place;
  number: number;
  size: number;
  wide: number;
  high: number;
}

/** A number on a small disc, kept wholly inside the picture. */
function Numbered({ at, number, size, wide, high }: NumberedProps) {
  const x = Math.min(wide - size, Math.max(size, at.x));
  const y = Math.min(high - size, Math.max(size, at.y));
  return (
    <g>
      <circle cx={x} cy={y} r={size} fill="#f4f4f4" stroke="#141414" strokeWidth={size / 8} />
      <text x={x} y={y + size * 0.42} textAnchor="middle" fontSize={size * 1.25} fill="#141414">
        {number}
      </text>
    </g>
  );
}

/** An arrow from the border the way light falls. */
function Arrow({ degrees, wide, high }: { degrees: number; wide: number; high: number }) {
  const angle = (degrees * Math.PI) / 180;
  const reach = 0.46 * Math.min(wide, high);
  const from = { x: wide / 2 + reach * Math.cos(angle), y: high / 2 - reach * Math.sin(angle) };
  const to = { x: wide / 2 + 0.62 * (from.x - wide / 2), y: high / 2 + 0.62 * (from.y - high / 2) };
  const head = (turn: number) => {
    const back = angle + turn;
    const size = 0.03 * wide;
    return `M${to.x} ${to.y}L${to.x + size * Math.cos(back)} ${to.y - size * Math.sin(back)}`;
  };
  return <Double d={`M${from.x} ${from.y}L${to.x} ${to.y}${head(0.5)}${head(-0.5)}`} />;
}
