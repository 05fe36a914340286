import { Title } from "@mantine/core";
import type { Observation } from "../api/client";
import { ridgePath } from "../parts/ridges";
import { figure, say } from "../words/say";
import classes from "./review.module.css";

const [WIDE, HIGH, FOOT] = [272, 110, 18];
/** Under it a gain would be told as none. */
const LEAST = 0.005;
/** Room that "less than" takes: where there is less, a ridge without a figure says it. */
const ROOM = 40;

/** What each correction would gain, as ridges side by side: nearness to the plan in the mean, in values. */
export function Gains({ seen }: { seen: Observation }) {
  const gains = seen.corrections.map((one) => one.gain);
  const most = Math.max(...gains, 0.01);
  const step = WIDE / Math.max(gains.length, 4);
  return (
    <>
      <Title order={4}>{say("review-gains")}</Title>
      <p className="quiet">{say("review-gains-unit")}</p>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH + FOOT}`}
        width="100%"
        role="img"
        aria-label={say("review-gains")}
      >
        {gains.map((gain, k) => {
          const high = Math.max(2, (HIGH - 22) * (gain / most));
          const left = k * step + 2;
          const right = left + step - 6;
          return (
            <g key={seen.corrections[k]?.masses.join()}>
              <path
                d={ridgePath({ start: left, end: right }, HIGH, high)}
                className={classes.ridge}
                data-first={k === 0}
              />
              <text x={(left + right) / 2} y={HIGH - high - 5}>
                {gain >= LEAST ? figure(gain, 2) : step >= ROOM && `< ${figure(2 * LEAST, 2)}`}
              </text>
              <text x={(left + right) / 2} y={HIGH + 14} className={classes.strong}>
                {k + 1}
              </text>
            </g>
          );
        })}
        <line x1={0} x2={WIDE} y1={HIGH} y2={HIGH} className={classes.axis} />
      </svg>
    </>
  );
}
