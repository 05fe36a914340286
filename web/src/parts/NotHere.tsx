import { Box, Title } from "@mantine/core";
import { Link } from "react-router";
import { say } from "../words/say";
import { Frame } from "./Frame";

/** An address that leads nowhere. */
export function NotHere() {
  return (
    <Frame name="Washboard" stages={[{ to: "/", words: say("not-here-pieces") }]}>
      <Box component="main" p="lg">
        <Title>{say("not-here-nothing-address")}</Title>
        <p>
          {say("not-here-kept")} <Link to="/">{say("not-here-go-pieces")}</Link>
        </p>
      </Box>
    </Frame>
  );
}
