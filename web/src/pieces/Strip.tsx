import { Title } from "@mantine/core";
import { Link } from "react-router";
import type { Pass, Piece, Plan } from "../api/client";
import { useCatalogue, usePlan } from "../api/hooks";
import { dipPath, ridgePath, ridges } from "../parts/ridges";
import { minutes } from "../parts/time";
import { say } from "../words/say";
import classes from "./pieces.module.css";

/** One piece on the wall: thumbnail, passes as ridges, and what to do next. */
export function Strip({ piece }: { piece: Piece }) {
  const { plan } = usePlan(piece.id, piece.revision);
  const catalogue = useCatalogue();
  const { medium, widthCm, heightCm } = piece.settings;
  const words = catalogue.data?.media.find((m) => m.key === medium)?.words ?? medium;
  const passes = plan.data?.document.passes ?? [];
  return (
    <Link to={`/pieces/${piece.id}`} className={classes.strip}>
      {piece.reference ? (
        <img src={`/api/references/${piece.reference.hash}/picture`} alt="" />
      ) : (
        <span />
      )}
      <div>
        <Title order={2}>{piece.name}</Title>
        <p className="quiet">{say("strip-cm", { medium: words, wide: widthCm, high: heightCm })}</p>
      </div>
      <Ridges passes={passes} />
      <Next plan={plan.data} problem={plan.error?.message} />
    </Link>
  );
}

function Ridges({ passes }: { passes: Pass[] }) {
  const row = ridges(passes, 430);
  return (
    <svg
      viewBox="0 0 430 60"
      width="100%"
      height={60}
      role="img"
      aria-label={say("strip-passes", { count: passes.length })}
    >
      {row.map((ridge, k) => (
        <g key={ridge.id} fill="none" stroke="var(--ink)">
          {k < row.length - 1 && <path d={dipPath(ridge, 42)} stroke="var(--line)" />}
          <path
            d={ridgePath(ridge, 42, 28)}
            fill={k === 0 ? "var(--lit)" : "none"}
            strokeWidth={k === 0 ? 2 : 1}
          />
        </g>
      ))}
    </svg>
  );
}

function Next({ plan, problem }: { plan?: Plan; problem?: string }) {
  const [first] = plan?.document.passes ?? [];
  if (problem) return <p className="quiet">{problem}</p>;
  if (!first) return <p className="quiet">{say("strip-being-worked-out")}</p>;
  const { workMinutes: work = 0, waitMinutes: wait = 0 } = plan?.document.totals ?? {};
  return (
    <div>
      <Title order={3}>{first.title}</Title>
      <p>
        {say(wait ? "strip-first-and-all-waiting" : "strip-first-and-all", {
          first: minutes(first.minutes),
          work: minutes(work),
          wait: minutes(wait),
        })}
      </p>
    </div>
  );
}
