import { Progress as Bar, Title } from "@mantine/core";
import { useState } from "react";
import type { Job } from "../api/client";
import { say } from "../words/say";
import { Act } from "./Act";
import columns from "./parts.module.css";

interface Props {
  piece: string;
  job: Job | null;
  onStop: () => void;
}

/** Real progress of a computation, and a way to stop it; beside it what is there already: photo, then masses. */
export function Progress({ piece, job, onStop }: Props) {
  const done = Math.round(100 * (job?.done ?? 0));
  return (
    <div className={columns.columns}>
      <Coming key={piece} piece={piece} />
      <div>
        <Title order={2}>{say("progress-making-plan")}</Title>
        <Bar my={12} value={done} aria-label={say("progress-progress")} />
        <p>
          {say("progress-stage", { stage: job?.stage ?? "waiting", done })}{" "}
          <Act onClick={onStop}>{say("progress-stop")}</Act>
        </p>
      </div>
    </div>
  );
}

function Coming({ piece }: { piece: string }) {
  const [divided, setDivided] = useState(false);
  const at = `/api/pieces/${piece}`;
  return (
    <div className={columns.coming}>
      <img src={`${at}/picture`} alt={say("progress-photo")} />
      <img
        src={`${at}/masses`}
        alt={say("progress-masses")}
        hidden={!divided}
        onLoad={() => setDivided(true)}
      />
    </div>
  );
}
