import type { Mass, Pass, Plan } from "../api/client";
import { Tags } from "../parts/Tags";
import { figure, say } from "../words/say";
import classes from "./finer.module.css";

interface Props {
  plan: Plan;
  masses: readonly Mass[];
}

/** The masses whose modelling is told: the one that a pass is graded in, and what is lit. */
export function modelledIn(plan: Plan, done: Pass | undefined, lit: readonly string[]): Mass[] {
  const told = new Set([...lit, done?.places?.graded]);
  return plan.document.masses.filter((mass) => mass.gradation && told.has(mass.id));
}

/** How masses are modelled: arrows from the lightest to the darkest stop, with the value at each. */
export function ModellingLayer({ plan, masses }: Props) {
  if (!masses.length) return null;
  const { width, height } = plan.view;
  const stops = masses.flatMap((mass) => mass.gradation?.stops ?? []);
  return (
    <>
      <svg
        className={classes.modelling}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={say("modelling-layer-how")}
      >
        {masses.map((mass) => {
          const d = arrow(mass, width, height);
          return (
            <g key={mass.id}>
              <path d={d} />
              <path d={d} />
            </g>
          );
        })}
      </svg>
      <Tags tags={stops.map(({ place: [x, y], value }) => ({ x, y, text: figure(value, 1) }))} />
    </>
  );
}

/** Share of the long side that the barbs of an arrow are long. */
const BARB = 0.016;

/** From stop to stop, with an arrowhead at the darkest. */
function arrow(mass: Mass, width: number, height: number): string {
  const places = (mass.gradation?.stops ?? []).map(
    ({ place: [x, y] }) => [x * width, y * height] as const,
  );
  const [x, y] = places.at(-1) ?? [0, 0];
  const [fromX, fromY] = places.at(-2) ?? [0, 0];
  const turn = Math.atan2(y - fromY, x - fromX);
  const long = BARB * Math.max(width, height);
  const barbs = [2.6, -2.6].map((by) => {
    const [bx, by_] = [x + long * Math.cos(turn + by), y + long * Math.sin(turn + by)];
    return `M${bx.toFixed(1)} ${by_.toFixed(1)}L${x.toFixed(1)} ${y.toFixed(1)}`;
  });
  const way = places.map(([px, py]) => `${px.toFixed(1)} ${py.toFixed(1)}`).join("L");
  return `M${way}${barbs.join("")}`;
}
