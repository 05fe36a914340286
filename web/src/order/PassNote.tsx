import type { Pass, Plan } from "../api/client";
import { Fact } from "../parts/Fact";
import { minutes } from "../parts/time";
import classes from "./order.module.css";

interface Props {
  plan: Plan;
  done: Pass;
}

/** The pass beside its picture: what, times, values, edges, why here, findings. */
export function PassNote({ plan, done }: Props) {
  const [title, rest] = done.title.split(/: (.*)/s);
  const [low, high] = done.values;
  const spread = high - low < 0.05 ? low.toFixed(1) : `${low.toFixed(1)} to ${high.toFixed(1)}`;
  return (
    <section className={classes.note} aria-live="polite">
      <h2>{title}</h2>
      {rest && <p className={classes.rest}>{rest.charAt(0).toUpperCase() + rest.slice(1)}</p>}
      <dl className={classes.facts}>
        <Fact shown={minutes(done.minutes)} words="work" />
        <Fact shown={done.waitMinutes ? minutes(done.waitMinutes) : "–"} words="then wait" />
        <Fact shown={spread} words="value" />
        <Fact shown={done.edge} words="edges" />
        <Fact shown={done.needs} words="surface" />
      </dl>
      <p>{done.what}</p>
      {done.reasons.length > 0 && (
        <p>
          <b>Why here.</b> {done.reasons.map((reason) => reason.sentence).join(" ")}
        </p>
      )}
      {done.findings.map((finding) => (
        <p key={finding} className={classes.finding}>
          <span className={classes.diamond} />
          {finding}
        </p>
      ))}
      {plan.document.passes[0]?.id === done.id &&
        plan.document.notes.map((note) => (
          <p key={note} className="quiet">
            {note}
          </p>
        ))}
    </section>
  );
}
