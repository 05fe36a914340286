import { Button, Title } from "@mantine/core";
import { Link } from "react-router";
import type { Easel, EaselPass } from "../api/client";
import { Stage } from "../order/Stage";
import { Act } from "../parts/Act";
import { Lights } from "../parts/lit";
import { TextField } from "../parts/TextField";
import { minutes } from "../parts/time";
import type { Room } from "../pieces/PieceRoom";
import { say } from "../words/say";
import { now } from "./outbox";
import { useHappened } from "./queries";

const SHOWN = { values: false, reference: false, squint: false, outlines: false };

/** The piece as it should look by now, and what is told of it. */
export function Finished({ room, easel }: { room: Room; easel: Easel }) {
  return (
    <>
      <Lights>
        <Stage
          piece={room.piece}
          plan={room.plan}
          pass={room.plan.document.passes.length}
          looking={{ ...SHOWN, where: false, hand: true }}
          tags={[]}
        />
      </Lights>
      <Title order={3} mt={8}>
        {say("next-pass-all-done")}
      </Title>
      {[...easel.told, easel.stopping].map((said) => (
        <p key={said}>{said}</p>
      ))}
    </>
  );
}

/** The next pass: where it goes, and the one thing to do. */
export function NextPass({ room, easel, next }: { room: Room; easel: Easel; next: EaselPass }) {
  return (
    <>
      <Lights>
        <Stage
          piece={room.piece}
          plan={room.plan}
          pass={next.shows}
          looking={{ ...SHOWN, where: !next.id.startsWith("mend"), hand: true }}
          tags={[]}
        />
      </Lights>
      <Title order={3} mt={8}>
        {next.title}
      </Title>
      <p className="quiet">
        {next.wait > 0
          ? say("next-pass-minutes", { work: minutes(next.minutes), wait: minutes(next.wait) })
          : minutes(next.minutes)}
      </p>
      {easel.real.length > 0 &&
        [...easel.told, easel.stopping].map((said) => <p key={said}>{said}</p>)}
      {next.mayStayOut && <p>{say("next-pass-may-stay-out")}</p>}
      <Button
        component={Link}
        to={`/pieces/${room.piece.id}/easel`}
        variant="filled"
        size="lg"
        fullWidth
        mt={10}
      >
        {say("next-pass-take-easel")}
      </Button>
      <Telling piece={room.piece.id} next={next} />
      <p>
        <Link to="/devices">{say("next-pass-on-device")}</Link>
      </p>
    </>
  );
}

/** What is told at the desk rather than at the easel: a pass that is left out, and notes. */
function Telling({ piece, next }: { piece: string; next: EaselPass }) {
  const logging = useHappened(piece);
  return (
    <>
      <p>
        <Act onClick={() => logging.mutate(now("pass-skipped", { pass: next.id }))}>
          {say("next-pass-leave-out")}
        </Act>
      </p>
      <TextField
        key={logging.submittedAt}
        label={say("next-pass-note")}
        kept=""
        onKeep={(words) => words && logging.mutate(now("note", { words }))}
      />
    </>
  );
}
