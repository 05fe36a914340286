import { Progress as Bar, Title } from "@mantine/core";
import { useState } from "react";
import type { Job } from "../api/client";
import { useFirstOrder } from "../api/plan";
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
  // Until it is known whether there is anything to wait for, nothing is said of it.
  if (!job) return null;
  const done = Math.round(100 * job.done);
  return (
    <div className={columns.columns}>
      <Coming key={piece} piece={piece} />
      <div>
        <Title order={2}>{say("progress-making-plan")}</Title>
        <Bar my={12} value={done} aria-label={say("progress-progress")} />
        <p>
          {say("progress-stage", { stage: job.stage, done })}{" "}
          <Act onClick={onStop}>{say("progress-stop")}</Act>
        </p>
        <FirstOrder piece={piece} />
      </div>
    </div>
  );
}

/** The passes, there before effects and small marks are sought. */
function FirstOrder({ piece }: { piece: string }) {
  const passes = useFirstOrder(piece).data?.passes;
  return (
    passes && (
      <>
        <h3>{say("progress-order")}</h3>
        <ol className={columns.first}>
          {passes.map((title, k) => (
            <li key={`${k} ${title}`}>{title}</li>
          ))}
        </ol>
      </>
    )
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
