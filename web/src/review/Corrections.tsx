import { Title } from "@mantine/core";
import { Link } from "react-router";
import type { Observation, Plan } from "../api/client";
import { now } from "../paint/outbox";
import { useHappened, useLog } from "../paint/queries";
import { Act } from "../parts/Act";
import { rounded, say } from "../words/say";
import { Gains } from "./Gains";
import { ReadLadder } from "./ReadLadder";
import classes from "./review.module.css";

interface Props {
  piece: string;
  plan: Plan;
  seen: Observation;
}

/** What to do first, then next, then stop; below it each mass on the ladder. */
export function Corrections({ piece, plan, seen }: Props) {
  const judged = seen.masses.filter((one) => one.judged).length;
  const unsure = seen.masses.filter((one) => one.unsure).length;
  const { corrections, leave, relations } = seen;
  const after = seen.stop ? "review-may-stop" : "review-may-stop-after";
  return (
    <>
      <div className={classes.head}>
        <Title order={2}>{seen.headline}</Title>
        <span className="quiet">{say("review-judged", { judged, count: seen.masses.length })}</span>
      </div>
      <Where piece={piece} seen={seen} />
      <ol className={classes.corrections}>
        {corrections.map((one, k) => (
          <li key={one.masses.join()} data-first={k === 0}>
            <b>{k + 1}</b>
            <p>
              {one.sentence} <Try piece={piece} seen={seen} one={one} />
            </p>
          </li>
        ))}
        {leave.slice(0, LEFT).map((one) => (
          <li key={one.masses.join()}>
            <span />
            <p>{one.sentence}</p>
          </li>
        ))}
        {seen.within > 0 && (
          <li>
            <span />
            <p className="quiet">{say("review-within", { count: seen.within })}</p>
          </li>
        )}
        {unsure > 0 && (
          <li>
            <span />
            <p className="quiet">{say("review-cannot-say", { count: unsure })}</p>
          </li>
        )}
      </ol>
      <div className={classes.charts}>
        <ReadLadder plan={plan} seen={seen} />
        <div>
          <Gains seen={seen} />
          <Title order={3}>
            {unsure > 0 ? say("review-may-stop-card") : say(after, { count: corrections.length })}
          </Title>
          <p>{say("review-off", { off: rounded(seen.off, 2) })}</p>
        </div>
      </div>
      <Title order={3}>
        {say(relations.length === 0 ? "review-relations-hold" : "review-relations-not")}
      </Title>
      {relations.slice(0, TOLD).map((one) => (
        <p key={one.masses.join()}>{one.sentence}</p>
      ))}
    </>
  );
}

const [LEFT, TOLD] = [3, 3];

/** Take a correction in as the next pass at the easel: what is there now is logged as it was measured. */
function Try({ piece, seen, one }: { piece: string; seen: Observation; one: Correction }) {
  const logging = useHappened(piece);
  const { masses, value, what, kind } = one.event;
  const tried = useLog(piece).data?.some(
    (event) => event.words === seen.id && event.masses?.join() === masses.join(),
  );
  if (tried || logging.isSuccess)
    return <Link to={`/pieces/${piece}/paint`}>{say("review-tried")}</Link>;
  return (
    <Act
      disabled={logging.isPending}
      onClick={() => logging.mutate(now(kind, { masses, value, what, words: seen.id }))}
    >
      {say("review-try")}
    </Act>
  );
}

type Correction = Observation["corrections"][number];

/** Where one is by the photo, offered to the log of a painter who did not keep one. */
function Where({ piece, seen }: { piece: string; seen: Observation }) {
  const logging = useHappened(piece);
  if (!seen.against || seen.done.length === 0) return seen.against && <p>{seen.against}</p>;
  if (logging.isSuccess) return <p>{say("review-taken-as-done")}</p>;
  const take = () => {
    const begun = new Date(seen.at).getTime();
    // In their order, a moment apart: the log goes by time.
    seen.done.forEach(({ pass, masses }, k) => {
      const at = new Date(begun + k - seen.done.length).toISOString();
      logging.mutate({ ...now("pass-done", { pass, masses }), at });
    });
  };
  return (
    <p>
      {seen.against}{" "}
      <Act onClick={take}>{say("review-take-as-done", { count: seen.done.length })}</Act>
    </p>
  );
}
