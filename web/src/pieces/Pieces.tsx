import { Box, Title } from "@mantine/core";
import { usePieces } from "../api/hooks";
import { Frame, HOME } from "../parts/Frame";
import { ProblemNote } from "../parts/Problem";
import { say } from "../words/say";
import { DropPhoto } from "./DropPhoto";
import { Strip } from "./Strip";

/** The studio wall: a strip for each piece, and a place to drop a photo. */
export function Pieces() {
  const pieces = usePieces();
  return (
    <Frame name="Washboard" stages={HOME}>
      {pieces.error && <ProblemNote>{pieces.error.message}</ProblemNote>}
      <main>
        <h1 className="unseen">{say("pieces-pieces")}</h1>
        {pieces.data?.length === 0 && <Empty />}
        {pieces.data?.map((piece) => (
          <Strip key={piece.id} piece={piece} />
        ))}
        <DropPhoto />
      </main>
    </Frame>
  );
}

function Empty() {
  return (
    <Box px="lg" pt="xl">
      <Title mb={10}>{say("pieces-piece-yet")}</Title>
      <p>{say("pieces-drop-photo-you")}</p>
    </Box>
  );
}
