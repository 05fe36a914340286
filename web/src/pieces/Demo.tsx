import { Box } from "@mantine/core";
import { useDemo } from "../api/hooks";
import { Act } from "../parts/Act";
import { say } from "../words/say";

/** The demo pieces, for whoever is new or took them off the wall. */
export function Demo({ empty }: { empty: boolean }) {
  const { missing, putBack } = useDemo();
  if (!missing.data?.missing.length) return null;
  return (
    <Box component="p" px="lg" pb="md">
      <Act disabled={putBack.isPending} onClick={() => putBack.mutate()}>
        {say(empty ? "demo-show" : "demo-back")}
      </Act>
    </Box>
  );
}
