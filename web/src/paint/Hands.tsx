import { useElementSize } from "@mantine/hooks";
import type { Sittings } from "../api/client";
import { css } from "../parts/colour";
import { minutes, shortMinutes } from "../parts/time";
import { say } from "../words/say";
import { type Ground, grounds, type Placed, ridge } from "./hands";
import classes from "./paint.module.css";

interface Props {
  sittings: Sittings["sittings"];
  own: string;
}

const [HEIGHT, BASE, FLOOR, RISE] = [212, 150, 186, 44];

/** One pair of hands on one line: free hours are raised ground, passes stand on it, what fills a wait is lower. */
export function Hands({ sittings, own }: Props) {
  const { ref, width } = useElementSize();
  const shown = width > 0 ? grounds(sittings, width) : [];
  return (
    <div ref={ref} className={classes.hands}>
      <svg width={width} height={HEIGHT} role="img" aria-label={say("hands-sittings-ahead")}>
        {shown.map((ground) => (
          <Raised key={ground.start} ground={ground} own={own} />
        ))}
        <line x1={0} x2={width} y1={FLOOR} y2={FLOOR} stroke="var(--ink)" />
      </svg>
    </div>
  );
}

interface RaisedProps {
  ground: Ground;
  own: string;
}

function Raised({ ground, own }: RaisedProps) {
  const { left, right, day, hours, gap, ticks, stints } = ground;
  return (
    <g>
      <text x={left} y={18} className={classes.day}>
        {day}
      </text>
      <text x={left} y={34} className={classes.hours}>
        {hours}
      </text>
      <path d={ridge(left - 12, right + 12, FLOOR, FLOOR - BASE)} className={classes.free} />
      {labelled(stints).map(({ stint, x, row, number }) => (
        <g key={`${stint.piece} ${stint.pass} ${stint.left}`}>
          <title>{`${stint.piece}: ${stint.title}, ${minutes(stint.minutes)}`}</title>
          <path
            d={ridge(
              stint.left,
              Math.max(stint.right, stint.left + 5),
              BASE,
              stint.fills ? RISE - 16 : RISE,
            )}
            fill={css(stint.lab)}
            className={stint.piece === own ? classes.pass : classes.other}
          />
          {number && (
            <>
              <line x1={x} x2={x} y1={row + 4} y2={BASE - RISE - 2} className={classes.leader} />
              <text x={x} y={row} className={classes.label}>
                {number}
              </text>
            </>
          )}
        </g>
      ))}
      {ticks.map(({ x, hour }) => (
        <text key={hour} x={x} y={FLOOR + 16} className={classes.tick}>
          {hour}
        </text>
      ))}
      {gap > 0 && (
        <text x={right + 34} y={FLOOR - 6} className={classes.tick}>
          {shortMinutes(gap)}
        </text>
      )}
    </g>
  );
}

const ROWS = [52, 67, 82];
/** Pixels of a letter of a label, and between two labels. */
const [LETTER, APART] = [6.3, 8];

/** Short titles in three rows, each where nothing stands yet; a pass that no row has room for has none. */
function labelled(stints: readonly Placed[]) {
  const seen = new Set<string>();
  const taken = ROWS.map(() => Number.NEGATIVE_INFINITY);
  return stints.map((stint) => {
    const key = `${stint.piece} ${stint.pass}`;
    const words = `${shortened(stint.title)} ${Math.round(stint.minutes)}′`;
    const x = (stint.left + stint.right) / 2;
    const half = (words.length * LETTER) / 2;
    const k = seen.has(key) ? -1 : taken.findIndex((right) => right + APART <= x - half);
    seen.add(key);
    if (k >= 0) taken[k] = x + half;
    return { stint, x, row: ROWS[k] ?? 0, number: k >= 0 ? words : "" };
  });
}

const MOST_LETTERS = 22;

const shortened = (title: string) => {
  const words = title.split(/[:,(]/)[0]?.trim() ?? title;
  return words.length > MOST_LETTERS ? `${words.slice(0, MOST_LETTERS - 1).trimEnd()}…` : words;
};
