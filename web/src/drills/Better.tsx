import type { DrillTold } from "../api/client";
import { ridgePath } from "../parts/ridges";
import { rounded, say } from "../words/say";
import classes from "./drills.module.css";
import { useProgress } from "./queries";

const [WIDE, HIGH] = [160, 46];

/** How one gets better, a ridge a week; what is still missed; when this question comes again. */
export function Better({ told }: { told: DrillTold | undefined }) {
  const progress = useProgress().data;
  if (!progress) return <span />;
  const { weeks, missed } = progress;
  const now = weeks.at(-1);
  const step = WIDE / Math.max(weeks.length, 1);
  const share = (k: number) => {
    const week = weeks[k];
    return week?.count ? week.right / week.count : 0;
  };
  const first = weeks.findIndex((week) => week.count > 0);
  return (
    <>
      <svg viewBox={`0 0 ${WIDE} ${HIGH}`} width={WIDE} height={HIGH} aria-hidden="true">
        {weeks.map((week, k) => {
          const high = 4 + (HIGH - 8) * share(k);
          const left = k * step + 1;
          return (
            <path
              key={weeks.length - k}
              d={ridgePath({ start: left, end: left + step - 3 }, HIGH - 1, high)}
              data-week={k === weeks.length - 1 ? "now" : week.count ? "then" : "none"}
            />
          );
        })}
      </svg>
      <p className={classes.better}>
        {now && now.count > 0 && (
          <b>
            {say(first < weeks.length - 1 ? "drills-week-and-before" : "drills-week", {
              right: now.right,
              count: now.count,
              before: rounded(100 * share(first), 0),
              weeks: weeks.length - 1 - first,
            })}
          </b>
        )}{" "}
        {missed[0]?.sentence}{" "}
        {told && say("drills-again", { days: Math.max(1, Math.round(told.days)) })}
      </p>
    </>
  );
}
