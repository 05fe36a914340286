import { Button, Title } from "@mantine/core";
import { Link } from "react-router";
import type { Easel, EaselPass } from "../api/client";
import { Stage } from "../order/Stage";
import { css } from "../parts/colour";
import { Lights } from "../parts/lit";
import { ProblemNote } from "../parts/Problem";
import { minutes } from "../parts/time";
import { type Room, useRoom } from "../pieces/PieceRoom";
import { Rich, rounded, say } from "../words/say";
import { FreeHours } from "./FreeHours";
import { Hands } from "./Hands";
import { LogSoFar } from "./LogSoFar";
import { mixtureWords, valueWords } from "./mixture";
import classes from "./paint.module.css";
import { useEasel, usePainter, useSittings } from "./queries";

const SHOWN = { values: false, reference: false, squint: false, outlines: false };

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
          <Next room={room} easel={easel} next={next} />
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

/** The piece as it should look by now, and what is told of it. */
function Finished({ room, easel }: { room: Room; easel: Easel }) {
  return (
    <>
      <Lights>
        <Stage
          piece={room.piece}
          plan={room.plan}
          pass={room.plan.document.passes.length}
          looking={{ ...SHOWN, where: false, hand: true }}
          tags={[]}
          onMass={() => undefined}
        />
      </Lights>
      <Title order={3} mt={8}>
        {say("paint-all-done")}
      </Title>
      {[...easel.told, easel.stopping].map((said) => (
        <p key={said}>{said}</p>
      ))}
    </>
  );
}

/** The next pass: where it goes, and the one thing to do. */
function Next({ room, easel, next }: { room: Room; easel: Easel; next: EaselPass }) {
  return (
    <>
      <Lights>
        <Stage
          piece={room.piece}
          plan={room.plan}
          pass={next.shows}
          looking={{ ...SHOWN, where: !next.id.startsWith("mend"), hand: true }}
          tags={[]}
          onMass={() => undefined}
        />
      </Lights>
      <Title order={3} mt={8}>
        {next.title}
      </Title>
      <p className="quiet">
        {next.wait > 0
          ? say("paint-next-minutes", { work: minutes(next.minutes), wait: minutes(next.wait) })
          : minutes(next.minutes)}
      </p>
      {easel.real.length > 0 &&
        [...easel.told, easel.stopping].map((said) => <p key={said}>{said}</p>)}
      {next.mayStayOut && <p>{say("paint-may-stay-out")}</p>}
      <Button
        component={Link}
        to={`/pieces/${room.piece.id}/easel`}
        variant="filled"
        size="lg"
        fullWidth
        mt={10}
      >
        {say("paint-take-easel")}
      </Button>
      <p>
        <Link to="/devices">{say("paint-on-device")}</Link>
      </p>
    </>
  );
}

/** Steps of the way that are shown beforehand. */
const STEPS = 8;

/** What to have ready before the next pass. */
function Ready({ next, easel }: { next: EaselPass; easel: Easel }) {
  return (
    <>
      <Title order={3}>{say("paint-have-ready")}</Title>
      {next.piles.slice(0, 6).map((pile, k) => {
        const recipe = pile.recipes[0];
        return (
          recipe && (
            <div key={k} className={classes.pile}>
              <span className={classes.stroke} style={{ background: css(recipe.lab) }} />
              <span>
                {mixtureWords(recipe, easel)}
                <br />
                <span className="quiet">
                  <Rich words={valueWords(recipe, easel)} />
                </span>
              </span>
              <b>{pile.ml > 0 && say("paint-ml", { ml: rounded(pile.ml, 1) })}</b>
            </div>
          )
        );
      })}
      <p>{next.needs}.</p>
      <ol className={classes.way}>
        {next.steps.slice(0, STEPS).map((step) => (
          <li key={step.masses.join()}>{step.heading}</li>
        ))}
      </ol>
      {next.steps.length > STEPS && (
        <p className="quiet">{say("paint-more-steps", { count: next.steps.length - STEPS })}</p>
      )}
      {next.cautions.map((caution) => (
        <p key={caution} className={classes.caution}>
          ◇ {caution}
        </p>
      ))}
    </>
  );
}

/** Planned and real minutes of what is done. */
function Real({ easel }: { easel: Easel }) {
  const known = easel.real.filter((one) => one.real !== null);
  const most = Math.max(1, ...known.map((one) => Math.max(one.real ?? 0, one.planned)));
  return (
    <>
      <Title order={3}>{say("paint-planned-real")}</Title>
      {known.length === 0 && <p className="quiet">{say("paint-nothing-timed")}</p>}
      {known.length > 1 && (
        <p>
          {say("paint-real-together", {
            real: minutes(known.reduce((sum, one) => sum + (one.real ?? 0), 0)),
            planned: minutes(known.reduce((sum, one) => sum + one.planned, 0)),
          })}
        </p>
      )}
      {known.map((one) => (
        <div key={one.id} className={classes.real}>
          <span>{one.title}</span>
          <span className={classes.bar} aria-hidden="true">
            <i style={{ width: `${(100 * (one.real ?? 0)) / most}%` }} />
            <u style={{ left: `${(100 * one.planned) / most}%` }} />
          </span>
          <span>
            {say("paint-real-minutes", {
              real: rounded(one.real ?? 0, 0),
              planned: rounded(one.planned, 0),
            })}
          </span>
        </div>
      ))}
    </>
  );
}
