import { Title } from "@mantine/core";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import type { Learning } from "../api/client";
import { client, got } from "../api/client";
import { Act } from "../parts/Act";
import { say } from "../words/say";
import classes from "./review.module.css";

type Lesson = Learning["lessons"][number];

/** What was learnt of the painter so far: taken, or taken back, by one touch. */
function useLearning() {
  const queries = useQueryClient();
  const keep = (found: Learning) => {
    queries.setQueryData(["learning"], found);
    // Pieces that are not begun took it in.
    queries.invalidateQueries({ queryKey: ["piece"] });
    queries.invalidateQueries({ queryKey: ["wall"] });
  };
  const at = (key: string) => ({ params: { path: { key } } });
  const found = useQuery({
    queryKey: ["learning"],
    queryFn: async () => got<Learning>(await client.GET("/api/learning")),
  });
  const take = useMutation({
    mutationFn: async (key: string) =>
      got<Learning>(await client.PUT("/api/learning/{key}", at(key))),
    onSuccess: keep,
  });
  const back = useMutation({
    mutationFn: async (key: string) =>
      got<Learning>(await client.DELETE("/api/learning/{key}", at(key))),
    onSuccess: keep,
  });
  return { found, take, back };
}

/** What was learnt in a medium: the likeliest figure with its spread, offered where it is sure enough. */
export function Learnt({ medium }: { medium: string }) {
  const { found, take, back } = useLearning();
  const lessons = (found.data?.lessons ?? []).filter((one) => one.medium === medium);
  return (
    <>
      <Title order={2}>{say("learnt-title")}</Title>
      <p className="quiet">{say("learnt-how")}</p>
      {found.data && lessons.length === 0 && <p>{say("learnt-nothing")}</p>}
      <ul className={classes.lessons}>
        {lessons.map((one) => (
          <li key={one.key} data-offered={one.offered}>
            <Spread lesson={one} />
            <p>
              {one.sentence}{" "}
              {one.offered && <Act onClick={() => take.mutate(one.key)}>{one.offer}</Act>}
              {one.taken && (
                <>
                  {say("learnt-taken")}{" "}
                  <Act onClick={() => back.mutate(one.key)}>{say("learnt-take-back")}</Act>
                </>
              )}
            </p>
          </li>
        ))}
      </ul>
    </>
  );
}

const [WIDE, HIGH] = [150, 30];

/** The likeliest figure and within which it lies, beside what is usual. */
function Spread({ lesson: { kind, figure, low, high } }: { lesson: Lesson }) {
  const inValues = kind === "bias" || kind === "warmth";
  const [least, most, usual] = inValues ? [-1, 1, 0] : [0.4, 2.2, 1];
  const scale = kind === "warmth" ? 0.1 : 1;
  const at = (n: number) =>
    4 + (WIDE - 8) * Math.min(1, Math.max(0, (n * scale - least) / (most - least)));
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} width={WIDE} height={HIGH} aria-hidden="true">
      <line
        x1={at(usual / scale)}
        x2={at(usual / scale)}
        y1={2}
        y2={HIGH - 2}
        className={classes.rung}
      />
      <line x1={at(low)} x2={at(high)} y1={HIGH / 2} y2={HIGH / 2} className={classes.planned} />
      <line x1={at(figure)} x2={at(figure)} y1={7} y2={HIGH - 7} className={classes.measured} />
    </svg>
  );
}
