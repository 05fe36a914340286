import { Box, Title } from "@mantine/core";
import { Link } from "react-router";
import { Frame } from "./Frame";

/** An address that leads nowhere. */
export function NotHere() {
  return (
    <Frame name="Washboard" stages={[{ to: "/", words: "Pieces" }]}>
      <Box component="main" p="lg">
        <Title>There is nothing at this address</Title>
        <p>
          Nothing is lost. <Link to="/">Go to the pieces</Link>
        </p>
      </Box>
    </Frame>
  );
}
