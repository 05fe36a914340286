import { Title } from "@mantine/core";
import type { Drill, DrillTold, Piece, Plan } from "../api/client";
import { Stage } from "../order/Stage";
import { say } from "../words/say";
import classes from "./drills.module.css";

interface Props {
  drill: Drill;
  piece: Piece;
  plan: Plan;
  told: DrillTold | undefined;
  chosen: number | null;
  onChoose: (option: number) => void;
}

const LOOKING = { values: false, reference: false, squint: false, outlines: false, hand: false };

/** The answers to choose from: passes as pictures with where they go, all others as words. */
export function Options({ drill, piece, plan, told, chosen, onChoose }: Props) {
  const pictures = drill.kind === "next";
  return (
    <>
      <Title order={2} className={classes.ask}>
        {drill.ask}
      </Title>
      <div className={classes.options} data-pictures={pictures}>
        {drill.options.map((option, k) => (
          <button
            key={`${k} ${option.words}`}
            type="button"
            disabled={chosen !== null}
            data-is={stateOf(k, told, chosen)}
            onClick={() => onChoose(k)}
          >
            {pictures && (
              <Stage
                piece={piece}
                plan={plan}
                pass={told ? (option.row ?? drill.row) : drill.row}
                looking={{ ...LOOKING, where: !told }}
                then={told ? undefined : plan.document.passes[(option.row ?? 1) - 1]}
                tags={[]}
              />
            )}
            <span className={classes.words}>
              <b>{k + 1}</b> {option.words || option.name}
            </span>
            {told && <span className={classes.was}>{stateWords(k, told, chosen)}</span>}
          </button>
        ))}
      </div>
    </>
  );
}

function stateOf(k: number, told: DrillTold | undefined, chosen: number | null) {
  if (!told) return k === chosen ? "chosen" : "open";
  return k === told.option ? "right" : k === chosen ? "wrong" : "other";
}

function stateWords(k: number, told: DrillTold, chosen: number | null) {
  if (k === told.option) return say("drills-is-right");
  return k === chosen ? say("drills-yours") : "";
}
