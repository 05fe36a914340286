import { Title } from "@mantine/core";
import type { Observation, Plan } from "../api/client";
import { say } from "../words/say";
import classes from "./review.module.css";

interface Props {
  plan: Plan;
  seen: Observation;
}

const [WIDE, HIGH, LEFT] = [340, 300, 34];
const STEPS = [10, 9, 8, 7, 6, 5, 4, 3, 2, 1, 0];
/** Where a value stands on the ladder. */
const at = (value: number) => 8 + ((10 - value) / 10) * (HIGH - 16);

/** Every judged mass from light to dark: thin where it was planned, thick where it came out. */
export function ReadLadder({ plan, seen }: Props) {
  const numbers = new Map(seen.corrections.map((one, k) => [one.masses[0], k + 1]));
  const share = new Map(plan.document.masses.map((mass) => [mass.id, mass.share]));
  const read = seen.masses
    .filter((one) => one.judged && one.value !== null)
    .sort((a, b) => (share.get(b.mass) ?? 0) - (share.get(a.mass) ?? 0))
    .slice(0, MOST)
    .sort((a, b) => b.planned - a.planned);
  const step = (WIDE - LEFT) / Math.max(read.length, 1);
  return (
    <div>
      <Title order={4}>{say("review-ladder")}</Title>
      <p className="quiet">{say("review-ladder-how")}</p>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        width="100%"
        role="img"
        aria-label={say("review-ladder")}
      >
        {STEPS.map((value) => (
          <g key={value}>
            <line x1={LEFT} x2={WIDE} y1={at(value)} y2={at(value)} className={classes.rung} />
            <text x={LEFT - 8} y={at(value) + 4} className={classes.value}>
              {value}
            </text>
          </g>
        ))}
        {read.map((one, k) => {
          const x = LEFT + k * step;
          const middle = x + step / 2;
          const value = one.value ?? one.planned;
          const number = numbers.get(one.mass);
          const above = Math.min(at(value), at(one.planned));
          return (
            <g key={one.mass}>
              <line
                x1={x + 1}
                x2={middle}
                y1={at(one.planned)}
                y2={at(one.planned)}
                className={classes.planned}
              />
              <line
                x1={middle}
                x2={middle}
                y1={at(one.planned)}
                y2={at(value)}
                className={classes.leader}
              />
              <line
                x1={middle}
                x2={x + step - 1}
                y1={at(value)}
                y2={at(value)}
                className={classes.measured}
              />
              {number && (
                <text x={middle} y={above - 7} className={classes.strong}>
                  {number}
                </text>
              )}
            </g>
          );
        })}
      </svg>
    </div>
  );
}

/** Masses on the ladder: the largest. */
const MOST = 24;
