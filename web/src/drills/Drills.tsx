import { Button } from "@mantine/core";
import { useEffect, useState } from "react";
import { useSearchParams } from "react-router";
import type { Drill } from "../api/client";
import { usePiece } from "../api/hooks";
import { usePlan } from "../api/plan";
import { Choices } from "../parts/Choices";
import { Frame, HOME } from "../parts/Frame";
import { Lights } from "../parts/lit";
import { ProblemNote } from "../parts/Problem";
import columns from "../parts/parts.module.css";
import { ridgePath } from "../parts/ridges";
import { say } from "../words/say";
import { Asked } from "./Asked";
import { Better } from "./Better";
import classes from "./drills.module.css";
import { Options } from "./Options";
import { useAnswer, useDrill, useProgress } from "./queries";

/** Questions in a round: three minutes. */
const ROUND = 10;
const ALL = "all";

/** The trainer: one question at a time from one's own pieces, ten in a round. */
export function Drills() {
  const [query, setQuery] = useSearchParams();
  const kind = query.get("kind") ?? undefined;
  const piece = query.get("piece") ?? undefined;
  const [turn, setTurn] = useState(0);
  const [right, setRight] = useState<boolean[]>([]);
  const guessing = piece !== undefined && query.get("guess") === "yes";
  const [row, setRow] = useState(0);
  const asked = useDrill(guessing ? { piece, row } : { kind, piece }, guessing, turn);
  const progress = useProgress();
  const drill = asked.data;
  const done = right.length >= ROUND;
  const another = () => {
    if (done) setRight([]);
    if (drill) setRow(drill.row + 1);
    setTurn(turn + 1);
  };
  return (
    <Frame name="Washboard" stages={HOME} facts={drill && <Round right={right} />}>
      <main aria-busy={asked.isFetching}>
        <h1 className="unseen">{say("drills-title")}</h1>
        <div className={classes.kinds} hidden={guessing}>
          <Choices
            label={say("drills-kinds")}
            chosen={kind ?? ALL}
            options={[{ key: ALL, words: say("drills-all") }, ...(progress.data?.kinds ?? [])]}
            onChoose={(to) => {
              setQuery(
                (before) => {
                  if (to === ALL) before.delete("kind");
                  else before.set("kind", String(to));
                  return before;
                },
                { replace: true },
              );
              setTurn(turn + 1);
            }}
          />
        </div>
        {asked.error && <ProblemNote>{asked.error.message}</ProblemNote>}
        {drill === null && (
          <p className={classes.none}>{say(guessing ? "drills-all-guessed" : "drills-none")}</p>
        )}
        {drill && (
          <Lights>
            <Question
              key={`${turn} ${drill.item}`}
              drill={drill}
              last={right.length === ROUND - 1}
              onAnswered={(was) => setRight([...(done ? [] : right), was])}
              onNext={another}
            />
          </Lights>
        )}
      </main>
    </Frame>
  );
}

/** How far one is in a round, a ridge for each question. */
function Round({ right }: { right: boolean[] }) {
  return (
    <span className={classes.round}>
      {say("drills-of", { number: Math.min(right.length + 1, ROUND), count: ROUND })}
      <svg viewBox="0 0 190 18" width={190} height={18} aria-hidden="true">
        {Array.from({ length: ROUND }, (_, k) => k).map((k) => (
          <path
            key={k}
            d={ridgePath({ start: k * 19 + 1, end: k * 19 + 17 }, 16, 12)}
            data-was={right[k] === undefined ? "open" : right[k] ? "right" : "wrong"}
          />
        ))}
      </svg>
    </span>
  );
}

interface QuestionProps {
  drill: Drill;
  last: boolean;
  onAnswered: (right: boolean) => void;
  onNext: () => void;
}

function Question({ drill, last, onAnswered, onNext }: QuestionProps) {
  const answer = useAnswer();
  const [chosen, setChosen] = useState<number | null>(null);
  const piece = usePiece(drill.piece);
  const { plan } = usePlan(drill.piece, piece.data?.revision);
  const told = answer.data;
  const choose = (option: number) => {
    if (chosen !== null || option >= drill.options.length) return;
    setChosen(option);
    answer.mutate(
      { drill, option },
      // What was not counted can be answered again.
      { onSuccess: (found) => onAnswered(found.right), onError: () => setChosen(null) },
    );
  };
  useNumbers((number) => choose(number - 1), told ? onNext : undefined);
  if (!piece.data || !plan.data) return null;
  return (
    <div className={columns.columns}>
      <Asked drill={drill} piece={piece.data} plan={plan.data} told={told} chosen={chosen} />
      <div>
        <Options
          drill={drill}
          piece={piece.data}
          plan={plan.data}
          told={told}
          chosen={chosen}
          onChoose={choose}
        />
        <div className={classes.below}>
          <Better told={told} />
          <Button variant="filled" size="lg" disabled={!told} onClick={onNext}>
            {say(last ? "drills-another-round" : "drills-next")}
          </Button>
        </div>
      </div>
    </div>
  );
}

/** Digits choose, Enter goes on. */
function useNumbers(onNumber: (number: number) => void, onEnter?: () => void) {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const number = Number.parseInt(event.key, 10);
      if (number > 0) onNumber(number);
      const onControl = (event.target as HTMLElement | null)?.closest?.("button, a, input");
      if (event.key === "Enter" && onEnter && !onControl) onEnter();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });
}
