import { Title } from "@mantine/core";
import { dated } from "../parts/time";
import { say } from "../words/say";
import classes from "./paint.module.css";
import { useLog } from "./queries";

const SHOWN = 12;

/** The log as it grew, the newest first. */
export function LogSoFar({ piece }: { piece: string }) {
  const log = useLog(piece);
  const events = [...(log.data ?? [])].sort((a, b) => b.at.localeCompare(a.at)).slice(0, SHOWN);
  return (
    <>
      <Title order={3} mt={14}>
        {say("log-so-far-log")}
      </Title>
      {events.length === 0 && <p className="quiet">{say("log-so-far-empty")}</p>}
      <ol className={classes.log}>
        {events.map((event) => (
          <li key={event.id}>
            <time dateTime={event.at}>{dated(event.at)}</time>{" "}
            {say("log-so-far-event", {
              kind: event.kind,
              pass: event.pass ?? "",
              what: event.what ?? "",
              words: event.words ?? "",
            })}
          </li>
        ))}
      </ol>
    </>
  );
}
