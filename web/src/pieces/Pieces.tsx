import { Box, Title } from "@mantine/core";
import { useWall } from "../api/hooks";
import { Frame, HOME } from "../parts/Frame";
import { ProblemNote } from "../parts/Problem";
import { say } from "../words/say";
import { Demo } from "./Demo";
import { DropPhoto } from "./DropPhoto";
import { Strip } from "./Strip";

/** The studio wall: a strip for each piece, and a place to drop a photo. */
export function Pieces() {
  const wall = useWall();
  return (
    <Frame name="Washboard" stages={HOME}>
      {wall.error && <ProblemNote>{wall.error.message}</ProblemNote>}
      <main>
        <h1 className="unseen">{say("pieces-pieces")}</h1>
        {wall.data?.length === 0 && <Empty />}
        {wall.data?.map((strip) => (
          <Strip key={strip.id} strip={strip} />
        ))}
        <DropPhoto />
        {wall.data && <Demo empty={wall.data.length === 0} />}
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
