import type { Pass, Piece, Plan } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import { Fact } from "../parts/Fact";
import { minutes } from "../parts/time";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  done: Pass;
  changes: ReturnType<typeof useChanges>;
}

/** The pass beside its picture: what, times, values, edges, why here, findings. */
export function PassNote({ piece, plan, done, changes }: Props) {
  const [title, rest] = done.title.split(/: (.*)/s);
  const [low, high] = done.values;
  const spread = high - low < 0.05 ? low.toFixed(1) : `${low.toFixed(1)} to ${high.toFixed(1)}`;
  return (
    <section className={classes.note} aria-live="polite">
      <h2>{title}</h2>
      {rest && <p className={classes.rest}>{rest.charAt(0).toUpperCase() + rest.slice(1)}</p>}
      <dl className={classes.facts}>
        <Fact shown={minutes(done.minutes)} words="work" />
        {done.between > 0 && <Fact shown={minutes(done.between)} words="between coats" />}
        <Fact shown={done.waitMinutes ? minutes(done.waitMinutes) : "–"} words="then wait" />
        <Fact shown={spread} words="value" />
        <Fact shown={done.edge} words="edges" />
        <Fact shown={done.needs} words="surface" />
      </dl>
      <p>
        {done.what}
        {!done.beside && (
          <>
            {" "}
            With <ToolField piece={piece} done={done} changes={changes} />
          </>
        )}
      </p>
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

/** The tool of a pass over shapes, to be exchanged: it changes how fast the pass covers and cuts. */
function ToolField({ piece, done, changes }: Pick<Props, "piece" | "done" | "changes">) {
  const { medium, tools = [] } = piece.settings;
  const offered = (useCatalogue().data?.tools ?? []).filter((tool) => tool.media.includes(medium));
  const now = tools.find((handled) => handled.passId === done.id)?.tool ?? "";
  const give = (tool: string) => {
    const others = tools.filter((handled) => handled.passId !== done.id);
    changes.edit.mutate({ tools: tool ? [...others, { passId: done.id, tool }] : others });
  };
  return (
    <select
      className="field"
      aria-label="Tool of this pass"
      value={now}
      onChange={(event) => give(event.currentTarget.value)}
    >
      <option value="">the usual tool</option>
      {offered.map((tool) => (
        <option key={tool.key} value={tool.key}>
          {tool.words}
        </option>
      ))}
    </select>
  );
}
