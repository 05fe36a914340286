import { Slider, Text, Toggle } from "@mantine/core";
import { useEffect, useState } from "react";
import type { Pass, Piece, Plan } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { waiting } from "../parts/time";
import { say } from "../words/say";
import finer from "./finer.module.css";
import { groupsOf, joined, split } from "./groups";
import classes from "./order.module.css";
import type { Move } from "./useMove";

interface Props {
  piece: Piece;
  plan: Plan;
  pass: number;
  move: Move;
  changes: ReturnType<typeof useChanges>;
  onPass: (pass: number) => void;
}

const clock = (minutes: number, wait: number) =>
  `${Math.round(minutes)}′${wait ? ` + ${Math.round(wait)}′` : ""}`;

/** The passes in a row of lines, each to be chosen, pinned where it is, joined, split or left out. */
export function PassList(props: Props) {
  const { piece, plan, pass, changes, onPass } = props;
  const { toning, passes } = plan.document;
  return (
    <ol className={classes.list}>
      {toning && (
        <li data-lit={pass === 0}>
          <Toggle variant="line" active={pass === 0} onClick={() => onPass(0)}>
            <span>0</span>
            <span>{say("pass-list-tone-first", { title: toning.title })}</span>
            <span>{clock(toning.minutes, toning.wait)}</span>
          </Toggle>
        </li>
      )}
      {passes.map((done, k) => (
        <Line key={done.id} {...props} done={done} k={k} />
      ))}
      {piece.settings.groups && (
        <li>
          <Act onClick={() => changes.edit.mutate({ groups: null })}>
            {say("pass-list-reset-which-masses")}
          </Act>
        </li>
      )}
      <li>
        <Marks piece={piece} changes={changes} />
      </li>
    </ol>
  );
}

/** How many small marks there are at most, the usual numbers marked; the picture follows when it is let go. */
function Marks({ piece, changes }: Pick<Props, "piece" | "changes">) {
  const now = piece.settings.marks ?? 0;
  const amounts = Object.entries(useCatalogue().data?.marks ?? {});
  const [count, setCount] = useState(now);
  useEffect(() => setCount(now), [now]);
  const most = Math.max(1, ...amounts.map(([, own]) => own));
  return (
    <div className={finer.amount} data-arrows>
      <Text span>{say("pass-list-marks-up-to", { count })}</Text>
      <Slider
        thumbLabel={say("pass-list-marks")}
        min={0}
        max={most}
        marks={amounts.map(([word, own]) => ({
          value: own,
          label: say("pass-list-amount", { word }),
        }))}
        value={count}
        label={null}
        onChange={setCount}
        onChangeEnd={(marks) => changes.edit.mutate({ marks })}
      />
    </div>
  );
}

/** The pass in which small marks are painted: always the last, and as many as are asked for. */
const DETAILS = "details";

interface LineProps extends Props {
  done: Pass;
  k: number;
}

/** A pass: its name, what it takes, and what can be done with it. */
function Line({ done, k, piece, plan, pass, move, changes, onPass }: LineProps) {
  const chosen = k + 1 === pass;
  const pins = piece.settings.pins ?? [];
  const pinned = pins.includes(done.id);
  const free = done.id !== DETAILS;
  const groups = groupsOf(plan);
  const pin = () =>
    changes.edit.mutate({ pins: pinned ? pins.filter((p) => p !== done.id) : [...pins, done.id] });
  const shares = [
    {
      words: say("pass-list-join"),
      label: say("pass-list-join-pass-next", { k: k + 1 }),
      to: joined(groups, k),
    },
    {
      words: say("pass-list-split"),
      label: say("pass-list-split-pass-two", { k: k + 1 }),
      to: split(plan, groups, k),
    },
  ];
  return (
    <li data-lit={chosen}>
      <Toggle variant="line" active={chosen} onClick={() => onPass(k + 1)}>
        <span>{k + 1}</span>
        <span>{done.title}</span>
        <span>{clock(done.minutes, waiting(done))}</span>
      </Toggle>
      {free && (
        <Act
          aria-pressed={pinned}
          aria-label={say("pass-list-pin-pass", { k: k + 1 })}
          title={say("pass-list-pinned-pass-stays")}
          onClick={pin}
        >
          {pinned ? say("pass-list-pinned") : say("pass-list-pin")}
        </Act>
      )}
      {shares.map(
        ({ words, label, to }) =>
          to && (
            <Act key={words} aria-label={label} onClick={() => changes.edit.mutate({ groups: to })}>
              {words}
            </Act>
          ),
      )}
      {chosen && free && (
        <Act
          aria-label={say("pass-list-leave-out-pass", { k: k + 1 })}
          onClick={() => move.leaveOut(done.id)}
        >
          {say("pass-list-leave-out")}
        </Act>
      )}
    </li>
  );
}
