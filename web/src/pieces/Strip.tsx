import { Title } from "@mantine/core";
import { Link } from "react-router";
import type { WallStrip } from "../api/client";
import { dipPath, ridgePath, ridges } from "../parts/ridges";
import { day, minutes } from "../parts/time";
import { say } from "../words/say";
import classes from "./pieces.module.css";

/** One piece on the wall: thumbnail, passes as ridges, and what to do next. */
export function Strip({ strip }: { strip: WallStrip }) {
  const { medium, widthCm: wide, heightCm: high } = strip;
  return (
    <Link to={`/pieces/${strip.id}`} className={classes.strip}>
      {strip.reference ? (
        <img src={`/api/references/${strip.reference}/thumbnail`} alt="" />
      ) : (
        <span />
      )}
      <div>
        <Title order={2}>{strip.name}</Title>
        <p className="quiet">{say("strip-cm", { medium, wide, high })}</p>
      </div>
      <Ridges passes={strip.passes} />
      <Next strip={strip} />
    </Link>
  );
}

/** The pass that is next is lit; those that are done are drawn faint. */
function Ridges({ passes }: { passes: WallStrip["passes"] }) {
  const row = ridges(passes, 430);
  const next = passes.findIndex((own) => !own.done);
  return (
    <svg
      viewBox="0 0 430 60"
      width="100%"
      height={60}
      role="img"
      aria-label={say("strip-passes", { count: passes.length })}
    >
      {row.map((ridge, k) => (
        <g key={ridge.id} fill="none" stroke={passes[k]?.done ? "var(--line)" : "var(--ink)"}>
          {k < row.length - 1 && <path d={dipPath(ridge, 42)} stroke="var(--line)" />}
          <path
            d={ridgePath(ridge, 42, 28)}
            fill={k === next ? "var(--lit)" : "none"}
            strokeWidth={k === next ? 2 : 1}
          />
        </g>
      ))}
    </svg>
  );
}

function Next({ strip }: { strip: WallStrip }) {
  if (strip.standing === "running") return <p className="quiet">{say("strip-being-worked-out")}</p>;
  if (strip.standing === "unplanned") return <p className="quiet">{say("strip-not-worked-out")}</p>;
  if (strip.standing === "finished")
    return (
      <p className="quiet">
        {strip.painted ? say("strip-finished-on", { day: day(strip.painted) }) : ""}
      </p>
    );
  return (
    <div>
      <Title order={3}>{strip.next}</Title>
      <p>{left(strip)}</p>
      {strip.standing === "outdated" && <p className="quiet">{say("strip-outdated")}</p>}
    </div>
  );
}

function left({ standing, nextMinutes, workMinutes, waitMinutes }: WallStrip): string {
  const [first, work] = [minutes(nextMinutes), minutes(workMinutes)];
  const wait = minutes(waitMinutes);
  if (standing === "begun")
    return waitMinutes
      ? say("strip-next-and-rest-waiting", { first, work, wait })
      : say("strip-next-and-rest", { first, work });
  return waitMinutes
    ? say("strip-first-and-all-waiting", { first, work, wait })
    : say("strip-first-and-all", { first, work });
}
