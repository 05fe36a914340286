import { Group, Toggle } from "@mantine/core";
import type { Finding, Piece, Prepared, View } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import type { Place } from "../parts/line";
import { say } from "../words/say";
import { arrangementOf, isPlain, withMove } from "./arrangement";
import { CompositionFacts } from "./CompositionFacts";
import type { Doing } from "./looks";
import { NewLight, type Relight } from "./NewLight";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  prepared: Prepared;
  view: View;
  changes: ReturnType<typeof useChanges>;
  doing: Doing;
  onDoing: (doing: Doing) => void;
  /** Where the thing stands that was touched last, in the reference. */
  thing: Place | null;
  /** The light that is tried, and how another is. */
  trial: Relight | null;
  onTry: (light: Relight | null) => void;
}

const DOINGS: { key: Doing; words: string }[] = [
  { key: "crop", words: say("composition-crop") },
  { key: "move", words: say("composition-move-thing") },
  { key: "dark", words: say("composition-dark-accent") },
  { key: "glint", words: say("composition-highlight") },
  { key: "focus", words: say("composition-set-focus") },
  { key: "light", words: say("composition-set-light") },
  { key: "relight", words: say("composition-new-light") },
];

const SIZES = [
  { words: say("composition-larger"), scale: 1.15 },
  { words: say("composition-smaller"), scale: 0.87 },
  { words: say("composition-leave-out"), drop: true },
];

/** What the arrangement does and what weakens it, each finding with a fix to try. */
export function Composition(props: Props) {
  const { piece, prepared, view, changes, doing, onDoing, thing, trial, onTry } = props;
  const arrange = changes.edit.mutate;
  return (
    <>
      <Group role="group" aria-label={say("composition-what-do-picture")} gap={6} mb={10}>
        {DOINGS.map(({ key, words }) => (
          <Toggle key={key} active={doing === key} onClick={() => onDoing(key)}>
            {words}
          </Toggle>
        ))}
        {!isPlain(arrangementOf(piece)) && (
          <Act onClick={() => arrange({ arrangement: { level: 0, moves: [], accents: [] } })}>
            {say("composition-photographed")}
          </Act>
        )}
      </Group>
      {doing === "move" && thing && (
        <Group role="group" aria-label={say("composition-thing-touched")} gap={14} mb={10}>
          {SIZES.map(({ words, ...how }) => (
            <Act
              key={words}
              onClick={() =>
                arrange((now) => ({
                  arrangement: withMove(arrangementOf(now), { ...thing, ...how }),
                }))
              }
            >
              {words}
            </Act>
          ))}
        </Group>
      )}
      <NewLight {...{ piece, changes, trial, onTry }} />
      <ol className={classes.findings}>
        {prepared.findings.map((finding, k) => (
          <Found
            key={finding.kind}
            number={k + 1}
            finding={finding}
            onTry={() => finding.fix && arrange({ arrangement: finding.fix })}
          />
        ))}
      </ol>
      {prepared.findings.length === 0 && <p>{say("composition-nothing-weakens-arrangement")}</p>}
      <CompositionFacts piece={piece} prepared={prepared} view={view} changes={changes} />
    </>
  );
}

interface FoundProps {
  number: number;
  finding: Finding;
  onTry: () => void;
}

function Found({ number, finding, onTry }: FoundProps) {
  return (
    <li>
      <b>{number}</b>
      <div>
        <p>
          <b>{finding.sentence}</b> {finding.why}
        </p>
        {finding.fix ? (
          <Act onClick={onTry}>{say("composition-try", { fix: finding.fixWords ?? "" })}</Act>
        ) : (
          finding.fixWords && <p className="quiet">{finding.fixWords}</p>
        )}
      </div>
    </li>
  );
}
