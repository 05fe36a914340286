import { Title } from "@mantine/core";
import type { Easel } from "../api/client";
import { dated } from "../parts/time";
import { say } from "../words/say";
import classes from "./paint.module.css";
import { useLog } from "./queries";

const SHOWN = 12;

/** The log as it grew, the newest first. */
export function LogSoFar({ piece, easel }: { piece: string; easel: Easel }) {
  const titles = new Map([...easel.real, ...easel.passes].map((pass) => [pass.id, pass.title]));
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
              pass: titles.get(event.pass ?? "") ?? event.pass ?? "",
              what: whatWords(event.what, easel),
              words: event.words ?? "",
            })}
          </li>
        ))}
      </ol>
    </>
  );
}

/** An accident of this medium in words. */
function whatWords(what: string | null | undefined, easel: Easel) {
  const known = easel.accidents.find((one) => one === what);
  return known ? say(`wrong-${known}`) : (what ?? "");
}
