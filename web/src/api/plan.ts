import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { say } from "../words/say";
import type { Job, Plan } from "./client";
import { client, got, Problem, problemOf } from "./client";

const REVISION = "Washboard-Revision";
const piecePath = (id: string) => ({ params: { path: { piece: id } } });

/** The plan that is there, asked for beside the piece itself: mostly there is one, and it is for it as it is. */
const planThere = (id: string) => ({
  queryKey: ["plan there", id],
  queryFn: async () => {
    const answer = await client.GET("/api/pieces/{piece}/plan", piecePath(id));
    if (!answer.data) return null;
    return { plan: got<Plan>(answer), revision: answer.response.headers.get(REVISION) };
  },
  staleTime: Number.POSITIVE_INFINITY,
  retry: false,
});

/** Until it is known what works the plan out. */
const WAITING: Job = { id: "", state: "running", stage: "waiting", done: 0 };

/** Ask for the piece to be worked out and follow it by its events until it ends. */
async function worked(id: string, onJob: (job: Job | null) => void, signal: AbortSignal) {
  const params = piecePath(id);
  onJob(WAITING);
  // Where the program is gone, the plan may still be kept on this device.
  const asked = await client.POST("/api/pieces/{piece}/analysis", params).catch(() => null);
  const job = asked && got(asked);
  if (job?.state === "running") {
    onJob(job);
    const last = await followed(job.id, onJob, signal);
    if (last.state !== "done")
      throw new Problem(last.state, last.problem ?? say("hooks-stopped-everything"));
  }
  return got<Plan>(await client.GET("/api/pieces/{piece}/plan", params));
}

function followed(job: string, onJob: (job: Job) => void, signal: AbortSignal): Promise<Job> {
  return new Promise((resolve, reject) => {
    const events = new EventSource(`/api/jobs/${job}/events`);
    signal.addEventListener("abort", () => events.close());
    events.onmessage = (event) => {
      const now = JSON.parse(event.data) as Job;
      onJob(now);
      if (now.state !== "running") {
        events.close();
        resolve(now);
      }
    };
    events.onerror = () => {
      events.close();
      reject(problemOf(undefined));
    };
  });
}

export function usePlan(id: string, revision: number | undefined) {
  const [job, setJob] = useState<Job | null>(null);
  const cache = useQueryClient();
  useEffect(() => void cache.prefetchQuery(planThere(id)), [cache, id]);
  const plan = useQuery<Plan>({
    queryKey: ["plan", id, revision],
    queryFn: async ({ signal }): Promise<Plan> => {
      const there = await cache.fetchQuery(planThere(id)).catch(() => null);
      if (there?.revision === `${revision}`) return there.plan;
      return worked(id, setJob, signal).finally(() => setJob(null));
    },
    enabled: revision !== undefined,
    placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  const stop = () =>
    job?.id && client.DELETE("/api/jobs/{job}", { params: { path: { job: job.id } } });
  return { plan, job, stop };
}

/** The passes by their titles while the rest of the plan is still worked out. */
export function useFirstOrder(id: string) {
  return useQuery({
    queryKey: ["passes", id],
    queryFn: async () =>
      got<{ passes: string[] }>(
        await client.GET("/api/pieces/{piece}/passes", { params: { path: { piece: id } } }),
      ),
    retry: false,
    gcTime: 0,
  });
}
