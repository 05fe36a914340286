import { Title } from "@mantine/core";
import { Link } from "react-router";
import type { Pass, Piece } from "../api/client";
import { useCatalogue, usePlan } from "../api/hooks";
import { dipPath, ridgePath, ridges } from "../parts/ridges";
import { minutes, waiting } from "../parts/time";
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
        <p className="quiet">
          {words}, {widthCm} × {heightCm} cm
        </p>
      </div>
      <Ridges passes={passes} />
      <Next passes={passes} problem={plan.error?.message} />
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
      aria-label={`${passes.length} passes`}
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

function Next({ passes, problem }: { passes: Pass[]; problem?: string }) {
  const [first] = passes;
  if (problem) return <p className="quiet">{problem}</p>;
  if (!first) return <p className="quiet">Being worked out.</p>;
  const [title, rest] = first.title.split(": ");
  const work = passes.reduce((sum, p) => sum + p.minutes, 0);
  const wait = passes.reduce((sum, p) => sum + waiting(p), 0);
  return (
    <div>
      <Title order={3}>{title}</Title>
      <p>
        {minutes(first.minutes)} of work to begin with
        {rest ? `: ${rest}` : ""}. In all {minutes(work)}
        {wait ? ` and ${minutes(wait)} of waiting` : ""}.
      </p>
    </div>
  );
}
