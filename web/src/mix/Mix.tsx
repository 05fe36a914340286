import { Group, Text, Title } from "@mantine/core";
import { useState } from "react";
import { useSearchParams } from "react-router";
import type { Pass } from "../api/client";
import { shownUrl } from "../api/hooks";
import { Act } from "../parts/Act";
import { Choices } from "../parts/Choices";
import { FirstStep, usePassed } from "../parts/FirstSteps";
import { useKeys } from "../parts/keys";
import { ProblemNote } from "../parts/Problem";
import { useRoom } from "../pieces/PieceRoom";
import { rounded, say } from "../words/say";
import { MeetingRow } from "./MeetingRow";
import classes from "./mix.module.css";
import { meetingWords, nameOf, type Own, ownOf } from "./names";
import { PileRow } from "./PileRow";
import { useBoard } from "./queries";
import { Used } from "./Used";
import { ValueChart } from "./ValueChart";

const SHOWN = 5;

/** The Mix stage: the mixtures of the pass at hand, the value chart of the whole piece, the palette. */
export function Mix() {
  const { piece, plan } = useRoom();
  const found = useBoard(piece.id, piece.revision);
  const { at, go } = usePass(plan.document.passes);
  const board = found.data;
  usePassed("mix");
  const done = plan.document.passes[at - 1];
  if (found.error && !board) return <ProblemNote>{found.error.message}</ProblemNote>;
  if (!board || !done) return <Text p="lg">{say("mix-working-mixtures-out")}</Text>;
  const own = ownOf(board, done);
  const sticks = piece.settings.medium === "pastel";
  const met = board.meetings.filter(({ one }) => own.some(({ index }) => index === one));
  return (
    <div className={classes.mix} aria-busy={found.isFetching}>
      <section>
        <FirstStep piece={piece.id} here={["along"]} />
        <Group className={classes.head} gap="4 18" align="baseline">
          <Title order={2} flex="1 1 340px">
            {say("mix-pass-titled", { pass: at, title: done.title })}
          </Title>
          <Amounts piece={piece.id} done={done} own={own} sticks={sticks} />
          <Choices
            label={say("mix-pass-choice")}
            variant="word"
            options={plan.document.passes.map((_, k) => ({
              key: k + 1,
              words: `${k + 1}`,
              label: say("mix-pass-numbered", { pass: k + 1 }),
            }))}
            chosen={at}
            onChoose={go}
          />
        </Group>
        <Piles key={done.id} own={own} sticks={sticks} board={board} />
        {met.map((meeting) => (
          <MeetingRow
            key={`${meeting.one} ${meeting.other}`}
            meeting={meeting}
            words={meetingWords(plan, board, meeting)}
          />
        ))}
      </section>
      <section>
        <ValueChart
          board={board}
          now={done.id}
          bare={plan.document.surface.value}
          nameOf={(pile) => nameOf(plan, pile)}
        />
        <Used board={board} sticks={sticks} />
        <Group wrap="nowrap" gap="md" align="end" mt="md">
          <img src={shownUrl(piece.id, plan, "picture")} width={240} alt={say("mix-reference")} />
          <p className="quiet">{say("mix-colours-modelled-films")}</p>
        </Group>
      </section>
    </div>
  );
}

/** The pass at hand, from 1: in the address, changed by arrow. */
function usePass(passes: Pass[]) {
  const [query, setQuery] = useSearchParams();
  const at = Math.min(passes.length, Math.max(1, Number(query.get("pass")) || 1));
  const go = (to: number) => {
    if (to >= 1 && to <= passes.length) setQuery({ pass: String(to) }, { replace: true });
  };
  useKeys({
    ArrowLeft: (down) => down && go(at - 1),
    ArrowRight: (down) => down && go(at + 1),
  });
  return { at, go };
}

interface AmountsProps {
  piece: string;
  done: Pass;
  own: Own[];
  sticks: boolean;
}

/** How many mixtures and how much in all, with the strips to try them on. */
function Amounts({ piece, done, own, sticks }: AmountsProps) {
  const ml = own.reduce((sum, { pile }) => sum + pile.ml, 0);
  return (
    <span>
      {sticks
        ? say("mix-mixtures", { count: own.length })
        : say("mix-mixtures-amount", { count: own.length, ml: rounded(ml, 1) })}
      {!sticks && own.length > 0 && (
        <>
          {" · "}
          <a
            href={`/api/pieces/${piece}/mix/strips.pdf?pass=${done.id}`}
            target="_blank"
            rel="noreferrer"
          >
            {say("mix-test-strips")}
          </a>
        </>
      )}
    </span>
  );
}

interface PilesProps {
  own: Own[];
  sticks: boolean;
  board: NonNullable<ReturnType<typeof useBoard>["data"]>;
}

/** The piles of the pass: the largest few, the others when asked for. */
function Piles({ own, sticks, board }: PilesProps) {
  const { piece, plan } = useRoom();
  const [open, setOpen] = useState<number | null>(null);
  const [all, setAll] = useState(false);
  const large = [...own].sort((a, b) => b.pile.ml - a.pile.ml).slice(0, SHOWN);
  const rows = all ? own : own.filter((row) => large.includes(row));
  const left = own.length - rows.length;
  if (own.length === 0) return <p>{say("mix-nothing-mixed-pass")}</p>;
  return (
    <>
      {rows.map(({ pile, index }) => (
        <PileRow
          key={`${piece.revision} ${index}`}
          piece={piece.id}
          pile={pile}
          board={board}
          name={nameOf(plan, pile)}
          sticks={sticks}
          again={pile.again ? nameOf(plan, board.piles[pile.again.pile]) : null}
          open={open === index}
          onOpen={() => setOpen(open === index ? null : index)}
        />
      ))}
      {left > 0 && <Act onClick={() => setAll(true)}>{say("mix-smaller", { count: left })}</Act>}
    </>
  );
}
