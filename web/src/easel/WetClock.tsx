import { say } from "../words/say";
import classes from "./easel.module.css";

interface Props {
  /** Minutes gone, and until it is dry. */
  gone: number;
  until: number;
  words: string;
}

/** Ends of the stages as shares of the time until it is dry. */
const STAGES = [
  { words: say("wet-clock-shiny"), at: 0 },
  { words: say("wet-clock-satin"), at: 0.3 },
  { words: say("wet-clock-damp"), at: 0.55 },
  { words: say("wet-clock-dry"), at: 1 },
];

/** How wet it still is: from shiny to dry, with a mark at now. */
export function WetClock({ gone, until, words }: Props) {
  const share = Math.min(1, Math.max(0, gone / Math.max(until, 1)));
  return (
    <div className={classes.wet}>
      <p>
        <b>{words}</b>
        <span>{say("wet-clock-gone", { minutes: Math.round(gone) })}</span>
      </p>
      <div className={classes.wetBar}>
        <i style={{ left: `${100 * share}%` }} />
      </div>
      <p className={classes.stages}>
        {STAGES.map(({ words: name, at }) => (
          <span key={name} style={{ left: `${100 * at}%` }} data-last={at === 1}>
            {name}
          </span>
        ))}
      </p>
    </div>
  );
}
