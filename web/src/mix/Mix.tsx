import { useState } from "react";
import { useSearchParams } from "react-router";
import type { Board, Meeting, Plan } from "../api/client";
import { shownUrl, useBoard } from "../api/hooks";
import { css } from "../parts/colour";
import { useKeys } from "../parts/keys";
import { shortName } from "../parts/masses";
import { ProblemNote } from "../parts/Problem";
import { useRoom } from "../pieces/PieceRoom";
import { MeetingRow } from "./MeetingRow";
import classes from "./mix.module.css";
import { PileRow } from "./PileRow";
import { ValueChart } from "./ValueChart";

const SHOWN = 5;

/** The Mix stage: the mixtures of the pass at hand, the value chart of the whole piece, the palette. */
export function Mix() {
  const { piece, plan } = useRoom();
  const [query, setQuery] = useSearchParams();
  const found = useBoard(piece.id, piece.revision);
  const [open, setOpen] = useState<number | null>(null);
  const [all, setAll] = useState(false);
  const passes = plan.document.passes;
  const at = Math.min(passes.length, Math.max(1, Number(query.get("pass")) || 1));
  const go = (to: number) => {
    if (to < 1 || to > passes.length) return;
    setOpen(null);
    setAll(false);
    setQuery({ pass: String(to) }, { replace: true });
  };
  useKeys({
    ArrowLeft: (down) => down && go(at - 1),
    ArrowRight: (down) => down && go(at + 1),
  });
  const board = found.data;
  const done = passes[at - 1];
  if (!board || !done)
    return found.error ? (
      <ProblemNote>{found.error.message}</ProblemNote>
    ) : (
      <p className={classes.waiting}>Working the mixtures out…</p>
    );
  const own = board.piles
    .map((pile, index) => ({ pile, index }))
    .filter(({ pile }) => pile.pass === done.id);
  const large = [...own].sort((a, b) => b.pile.ml - a.pile.ml).slice(0, SHOWN);
  const rows = all ? own : own.filter((row) => large.includes(row));
  const sticks = piece.settings.medium === "pastel";
  const ml = own.reduce((sum, { pile }) => sum + pile.ml, 0);
  const met = board.meetings.filter(({ one }) => own.some(({ index }) => index === one));
  return (
    <div className={classes.mix} aria-busy={found.isFetching}>
      <section>
        <div className={classes.head}>
          <h2>
            Pass {at}, {done.title.split(/: | over | but /)[0]?.toLowerCase()}
          </h2>
          <span>
            {own.length === 1 ? "one mixture" : `${own.length} mixtures`}
            {!sticks && `, ${ml.toFixed(1)} ml with reserve`}
            {!sticks && own.length > 0 && (
              <>
                {" · "}
                <a
                  href={`/api/pieces/${piece.id}/mix/strips.pdf?pass=${done.id}`}
                  target="_blank"
                  rel="noreferrer"
                >
                  test strips
                </a>
              </>
            )}
          </span>
          <span className={classes.steps} role="group" aria-label="Pass">
            {passes.map((p, k) => (
              <button
                key={p.id}
                type="button"
                aria-pressed={k + 1 === at}
                aria-label={`Pass ${k + 1}`}
                onClick={() => go(k + 1)}
              >
                {k + 1}
              </button>
            ))}
          </span>
        </div>
        {rows.map(({ pile, index }) => (
          <PileRow
            key={`${piece.revision} ${index}`}
            piece={piece.id}
            pile={pile}
            bands={board.bands}
            name={nameOf(plan, pile)}
            sticks={sticks}
            paints={board.paints}
            again={pile.again ? nameOf(plan, board.piles[pile.again.pile]) : null}
            open={open === index}
            onOpen={() => setOpen(open === index ? null : index)}
          />
        ))}
        {rows.length < own.length && (
          <button type="button" className="act" onClick={() => setAll(true)}>
            {own.length - rows.length === 1
              ? "one smaller pile"
              : `${own.length - rows.length} smaller piles`}
          </button>
        )}
        {own.length === 0 && <p>Nothing is mixed in this pass.</p>}
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
        <div className={classes.small}>
          <img
            src={shownUrl(piece.id, plan, "picture")}
            width={plan.view.width}
            height={plan.view.height}
            alt="The reference"
          />
          <p className="quiet">
            Colours are modelled from films of pigment, not measured from your tubes. Amounts are
            guessed from usual film weights.
          </p>
        </div>
      </section>
    </div>
  );
}

/** What a pile is for: its largest mass, or one end of it, and how many more. */
function nameOf(plan: Plan, pile: Board["piles"][number] | undefined): string {
  const first = plan.document.masses.find((m) => m.id === pile?.masses[0]);
  const more = (pile?.masses.length ?? 1) - 1;
  const end = pile?.end ? `, ${pile.end} end` : "";
  return `${first ? shortName(first) : ""}${end}${more > 0 ? ` and ${more} more` : ""}`;
}

/** Which two piles meet, or both ends of one mass. */
function meetingWords(plan: Plan, board: Board, { one, other }: Meeting): string {
  const [first, second] = [board.piles[one], board.piles[other]];
  const mass = plan.document.masses.find((m) => m.id === first?.masses[0]);
  if (mass && first?.end && first.masses[0] === second?.masses[0]) {
    return `Where both ends of ${shortName(mass).toLowerCase()} meet wet`;
  }
  const [a, b] = [first, second].map((pile) => nameOf(plan, pile).toLowerCase());
  return `Where ${a} meets ${b}, wet`;
}

/** The paints that the piece takes, in the order in which they are first needed. */
function Used({ board, sticks }: { board: Board; sticks: boolean }) {
  const used = board.used.flatMap(({ paint, ml, owned, left }) => {
    const own = board.paints.find((p) => p.key === paint);
    return own ? [{ ...own, ml, owned, left }] : [];
  });
  const short = used.filter((p) => p.owned && p.left != null && p.left < p.ml);
  const missing = used.filter((p) => !p.owned);
  const cautions = [...new Set(used.map((p) => p.caution).filter(Boolean))];
  return (
    <>
      <h3>{sticks ? "The sticks, in working order" : "On the palette, in working order"}</h3>
      <ul className={classes.used}>
        {used.map((paint) => (
          <li key={paint.key}>
            <span style={{ background: css(paint.thin) }} />
            {paint.words}
            {!sticks && <b>{paint.ml < 0.1 ? "a touch" : `${paint.ml.toFixed(1)} ml`}</b>}
          </li>
        ))}
      </ul>
      {short.map((paint) => (
        <p key={paint.key} className={classes.caution}>
          <b>{paint.words}</b>: {paint.ml.toFixed(1)} ml wanted, {paint.left?.toFixed(1)} ml left on
          the shelf. It will run out.
        </p>
      ))}
      {missing.length > 0 && missing.length < used.length && (
        <p className="quiet">Not on your shelf: {missing.map((p) => p.words).join(", ")}.</p>
      )}
      {cautions.map((caution) => (
        <p key={caution} className={classes.caution}>
          <b>
            {used
              .filter((p) => p.caution === caution)
              .map((p) => p.words)
              .join(", ")}
          </b>
          : {caution}. Read the labels.
        </p>
      ))}
    </>
  );
}
