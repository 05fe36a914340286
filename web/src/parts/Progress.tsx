import { Progress as Bar, Box, Title } from "@mantine/core";
import type { Job } from "../api/client";
import { say } from "../words/say";
import { Act } from "./Act";

interface Props {
  job: Job | null;
  onStop: () => void;
}

/** Real progress of a computation, and a way to stop it. */
export function Progress({ job, onStop }: Props) {
  const done = Math.round(100 * (job?.done ?? 0));
  return (
    <Box p="lg" maw={560}>
      <Title order={2}>{say("progress-making-plan")}</Title>
      <Bar my={12} value={done} aria-label={say("progress-progress")} />
      <p>
        {say("progress-stage", { stage: job?.stage ?? "waiting", done })}{" "}
        <Act onClick={onStop}>{say("progress-stop")}</Act>
      </p>
    </Box>
  );
}
