import { useState } from "react";
import type { Piece, Plan, Weakness } from "../api/client";
import type { useChanges } from "../api/hooks";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  found: Weakness[];
  changes: ReturnType<typeof useChanges>;
  onMass: (mass: string | null) => void;
  onPass: (pass: number) => void;
}

interface Tried {
  words: string;
  picture: string;
  count: number;
}

/** What weakens the plan, the weightiest first, each with what can be tried and seen at once. */
export function Findings({ piece, plan, found, changes, onMass, onPass }: Props) {
  const [tried, setTried] = useState<Tried | null>(null);
  const attempt = (finding: Weakness) => {
    const { fix } = finding;
    if (!fix) return;
    setTried({ words: fix.words, picture: snapshot(), count: found.length });
    changes.edit.mutate(fix.changes);
  };
  const passesOf = (finding: Weakness) =>
    finding.passes
      .map((id) => plan.document.passes.findIndex((p) => p.id === id) + 1)
      .filter((number) => number > 0);
  return (
    <>
      {tried && (
        <div className={classes.tried} role="status">
          <img src={tried.picture} alt="As it was before" />
          <p>
            <b>Tried: {tried.words}.</b> {tried.count} findings before, {found.length} now. Left: as
            it was.{" "}
            <button type="button" className="act" onClick={() => setTried(null)}>
              Keep it
            </button>{" "}
            <button
              type="button"
              className="act"
              disabled={!piece.undo}
              onClick={() => {
                changes.undo.mutate();
                setTried(null);
              }}
            >
              Take it back
            </button>
          </p>
        </div>
      )}
      {found.length === 0 && <p>Nothing weakens this plan that can be measured.</p>}
      <ol className={classes.findings}>
        {found.map((finding) => (
          <li key={`${finding.kind} ${finding.masses.join()}`} data-weight={finding.weight}>
            <span className={classes.diamond} />
            <div
              onPointerEnter={() => onMass(finding.masses[0] ?? null)}
              onPointerLeave={() => onMass(null)}
            >
              <b>{finding.sentence}</b> {finding.why}{" "}
              {passesOf(finding).map((number) => (
                <button key={number} type="button" className="act" onClick={() => onPass(number)}>
                  pass {number}
                </button>
              ))}{" "}
              {finding.fix && (
                <button type="button" className="act" onClick={() => attempt(finding)}>
                  Try: {finding.fix.words}
                </button>
              )}
            </div>
          </li>
        ))}
      </ol>
    </>
  );
}

/** The picture as it stands on the page, small. */
function snapshot(): string {
  const from = document.querySelector<HTMLCanvasElement>("main canvas");
  const to = document.createElement("canvas");
  if (!from?.width) return "";
  to.width = 240;
  to.height = Math.round((240 * from.height) / from.width);
  to.getContext("2d")?.drawImage(from, 0, 0, to.width, to.height);
  return to.toDataURL("image/png");
}
