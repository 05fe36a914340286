import { Group, NativeSelect, Text, Title } from "@mantine/core";
import { Fragment, type ReactNode } from "react";
import type { Pass, Piece, Plan } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import { Diamond } from "../parts/Diamond";
import { Fact } from "../parts/Fact";
import { Words } from "../parts/lit";
import parts from "../parts/parts.module.css";
import { minutes } from "../parts/time";
import { figure, rounded, say } from "../words/say";
import { Effects } from "./Effects";
import { Families } from "./Families";
import classes from "./order.module.css";
import type { HandDrawing } from "./useHandDrawing";

interface Props {
  piece: Piece;
  plan: Plan;
  done: Pass;
  changes: ReturnType<typeof useChanges>;
  hand: HandDrawing;
  /** What is told of its edges. */
  children?: ReactNode;
}

/** The pass beside its picture: what, times, values, edges, why here, findings. */
export function PassNote({ piece, plan, done, changes, hand, children }: Props) {
  const [low, high] = done.values;
  const spread =
    high - low < 0.05
      ? figure(low, 1)
      : say("pass-note-to", { low: rounded(low, 1), high: rounded(high, 1) });
  return (
    <section aria-live="polite">
      <Title order={2}>
        <Words text={done.title} marks={done.titleMarks} />
      </Title>
      <Group component="dl" gap="8 30" my={8} pt={8} className={parts.ruled}>
        <Fact shown={minutes(done.minutes)} words={say("pass-note-work")} />
        {done.between > 0 && (
          <Fact shown={minutes(done.between)} words={say("pass-note-between-coats")} />
        )}
        {done.waitMinutes > 0 && (
          <Fact shown={minutes(done.waitMinutes)} words={say("pass-note-let-dry")} />
        )}
        <Fact shown={spread} words={say("pass-note-value")} term="value" />
        <Fact shown={done.edge} words={say("pass-note-edges")} term="edge" />
        <Fact shown={done.needs} words={say("pass-note-before")} />
      </Group>
      <Text mb={8}>
        <Sentences of={stepsOf(plan, done)} />
      </Text>
      {!done.beside && <ToolField piece={piece} done={done} changes={changes} />}
      <Effects piece={piece} plan={plan} done={done} changes={changes} />
      {children}
      <Families piece={piece} plan={plan} done={done} changes={changes} hand={hand} />
      {done.reasons.length > 0 && (
        <Text my={8}>
          <b>{say("pass-note-why")}</b>{" "}
          <Sentences of={done.reasons.map(({ sentence, marks }) => ({ text: sentence, marks }))} />
        </Text>
      )}
      {(done.minds ?? []).map((mind) => (
        <div key={mind.text} className={classes.finding}>
          <Diamond />
          <p>
            <Words {...mind} />
          </p>
        </div>
      ))}
      {plan.document.passes[0]?.id === done.id &&
        plan.document.notes.map((note) => (
          <Text key={note} mt={8} c="dimmed">
            {note}
          </Text>
        ))}
    </section>
  );
}

/** How a pass is done, without what is told of its effects one by one below. */
function stepsOf(plan: Plan, done: Pass) {
  const told = new Set((plan.document.effects ?? []).map((effect) => effect.told));
  return (done.steps ?? [{ text: done.what }]).filter((step) => !told.has(step.text));
}

/** Sentences one after the other. */
function Sentences({ of }: { of: Parameters<typeof Words>[0][] }) {
  return of.map((said, k) => (
    <Fragment key={said.text}>
      {k > 0 && " "}
      <Words {...said} />
    </Fragment>
  ));
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
    <NativeSelect
      label={say("pass-note-with")}
      aria-label={say("pass-note-tool-pass")}
      data={[
        { value: "", label: say("pass-note-usual-tool") },
        ...offered.map((tool) => ({ value: tool.key, label: tool.words })),
      ]}
      value={now}
      onChange={(event) => give(event.currentTarget.value)}
    />
  );
}
