import { Title } from "@mantine/core";
import type { Easel } from "../api/client";
import { ProblemNote } from "../parts/Problem";
import { type Room, useRoom } from "../pieces/PieceRoom";
import { say } from "../words/say";
import { FreeHours } from "./FreeHours";
import { Hands } from "./Hands";
import { LogSoFar } from "./LogSoFar";
import { Finished, NextPass } from "./NextPass";
import classes from "./paint.module.css";
import { useEasel, usePainter, useSittings } from "./queries";
import { Ready } from "./Ready";
import { Real } from "./Real";

/** The Paint stage: the sittings ahead, the next pass, what to have ready, planned beside real. */
export function Paint() {
  const room = useRoom();
  const { piece, plan } = room;
  const easel = useEasel(piece.id, plan.key);
  const painter = usePainter();
  const sittings = useSittings(
    piece.id,
    plan.key,
    painter.data && `${painter.data.hours} ${painter.data.calendar}`,
  );
  const problem = easel.error ?? painter.error;
  return (
    <div className={classes.paint}>
      {problem && <ProblemNote>{problem.message}</ProblemNote>}
      <section aria-label={say("paint-sittings-ahead")}>
        <Head sittings={sittings.data} />
        {painter.data && <FreeHours painter={painter.data} piece={piece.id} />}
        {sittings.error && <ProblemNote>{sittings.error.message}</ProblemNote>}
        {sittings.data && !sittings.error && (
          <>
            {sittings.data.told.map((said) => (
              <p key={said}>{said}</p>
            ))}
            <Hands sittings={sittings.data.sittings} own={piece.name} />
          </>
        )}
      </section>
      {easel.data && <Below room={room} easel={easel.data} />}
    </div>
  );
}

function Head({ sittings }: { sittings: ReturnType<typeof useSittings>["data"] }) {
  if (!sittings) return <Title order={2}>{say("paint-looking-for-sittings")}</Title>;
  const count = sittings.sittings.length;
  return (
    <Title order={2}>
      {say("paint-count-ahead", { count })}{" "}
      <span className={classes.claim}>
        {sittings.proven
          ? say("paint-proven", { count })
          : say("paint-at-least", { bound: sittings.bound })}{" "}
        {sittings.waitingMinutes > 0 &&
          say("paint-filled", { minutes: sittings.waitingMinutes, filled: sittings.filledMinutes })}
      </span>
    </Title>
  );
}

function Below({ room, easel }: { room: Room; easel: Easel }) {
  const next = easel.passes[0];
  return (
    <div className={classes.below}>
      <section>
        {next ? (
          <NextPass room={room} easel={easel} next={next} />
        ) : (
          <Finished room={room} easel={easel} />
        )}
      </section>
      <section>{next ? <Ready next={next} easel={easel} /> : <Real easel={easel} />}</section>
      <section>
        {next && <Real easel={easel} />}
        <LogSoFar piece={room.piece.id} easel={easel} />
      </section>
    </div>
  );
}
