import type { Observation, Piece, Plan } from "../api/client";
import { say } from "../words/say";
import { madeUrl } from "./queries";
import classes from "./review.module.css";
import type { Looking } from "./useLooks";

interface Props {
  piece: Piece;
  plan: Plan;
  seen: Observation;
  looks: Looking;
}

/** Corrections that have one: more would hide the painting. */
const WINDOWS = 3;
/** Half the size of a window on the plan, as shares of the picture. */
const WINDOW = { x: 0.08, y: 0.04 };

/**
 * Painting and plan at the same place, both there all the time, so that the change between them is one frame;
 * a window on the plan at each place that is to be corrected.
 */
export function SeenPicture({ piece, plan, seen, looks }: Props) {
  const { width, height } = plan.view;
  const planned = madeUrl(piece.id, seen, "planned");
  const filter = [looks.values ? "url(#values)" : "", looks.squint ? "blur(6px)" : ""]
    .join(" ")
    .trim();
  return (
    <div className={classes.seen} style={{ filter: filter || undefined }} data-plan={looks.plan}>
      <Luminance />
      <img
        src={madeUrl(piece.id, seen, "straight")}
        width={width}
        height={height}
        alt={say("review-painting-alt")}
      />
      <img className={classes.plan} src={planned} width={width} height={height} alt="" />
      {seen.corrections.slice(0, WINDOWS).map(({ masses }, k) => {
        const inside = plan.document.masses.find((mass) => mass.id === masses[0])?.inside;
        if (!inside) return null;
        const [x, y] = inside;
        const left = clamped(x - WINDOW.x, 2 * WINDOW.x);
        const top = clamped(y - WINDOW.y, 2 * WINDOW.y);
        return (
          <span
            key={masses.join()}
            className={classes.window}
            style={{
              left: pc(left),
              top: pc(top),
              width: pc(2 * WINDOW.x),
              height: pc(2 * WINDOW.y),
            }}
          >
            <i
              style={{
                backgroundImage: `url(${planned})`,
                backgroundSize: `${100 / (2 * WINDOW.x)}% ${100 / (2 * WINDOW.y)}%`,
                backgroundPosition: `${pc(left / (1 - 2 * WINDOW.x))} ${pc(top / (1 - 2 * WINDOW.y))}`,
              }}
            />
            <b>{k + 1}</b>
          </span>
        );
      })}
    </div>
  );
}

const pc = (share: number) => `${100 * share}%`;
const clamped = (from: number, size: number) => Math.min(1 - size, Math.max(0, from));

/** Greys of the same luminance: weighed in linear light, as values are. */
function Luminance() {
  const row = "0.2126 0.7152 0.0722 0 0";
  return (
    <svg className="unseen" aria-hidden="true">
      <filter id="values" colorInterpolationFilters="linearRGB">
        <feColorMatrix type="matrix" values={`${row} ${row} ${row} 0 0 0 1 0`} />
      </filter>
    </svg>
  );
}
