import { Group } from "@mantine/core";
import { useState } from "react";
import type { Piece, Plan, Weakness } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { Diamond } from "../parts/Diamond";
import { useLit, Words } from "../parts/lit";
import { say } from "../words/say";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  found: Weakness[];
  changes: ReturnType<typeof useChanges>;
  onPass: (pass: number) => void;
}

interface Tried {
  words: string;
  picture: string;
  count: number;
}

/** What weakens the plan, the weightiest first, each with what can be tried and seen at once. */
export function Findings({ piece, plan, found, changes, onPass }: Props) {
  const { light } = useLit();
  const [tried, setTried] = useState<Tried | null>(null);
  const attempt = ({ fix }: Weakness) => {
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
        <Group role="status" gap={12} py={6} align="start" wrap="nowrap">
          <img src={tried.picture} width={170} alt={say("findings-before")} />
          <p>
            <b>{say("findings-tried", { tried: tried.words })}</b>{" "}
            {say("findings-before-now", { before: tried.count, now: found.length })}{" "}
            <Act onClick={() => setTried(null)}>{say("findings-keep")}</Act>{" "}
            <Act
              disabled={!piece.undo}
              onClick={() => {
                changes.undo.mutate();
                setTried(null);
              }}
            >
              {say("findings-undo")}
            </Act>
          </p>
        </Group>
      )}
      {found.length === 0 && <p>{say("findings-nothing-weakens-plan")}</p>}
      <ol className={classes.findings}>
        {found.map((finding) => (
          <li key={`${finding.kind} ${finding.masses.join()}`}>
            <Diamond weight={finding.weight} />
            <div
              onPointerEnter={() => light({ masses: finding.masses, edges: [] })}
              onPointerLeave={() => light(null)}
            >
              <b>
                <Words text={finding.sentence} marks={finding.marks} />
              </b>{" "}
              {finding.why}{" "}
              {passesOf(finding).map((number) => (
                <Act key={number} onClick={() => onPass(number)}>
                  {say("findings-pass", { number })}
                </Act>
              ))}{" "}
              {finding.fix && (
                <Act onClick={() => attempt(finding)}>
                  {say("findings-try", { fix: finding.fix.words })}
                </Act>
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
