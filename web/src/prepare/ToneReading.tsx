import { Box } from "@mantine/core";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import type { Reference } from "../api/client";
import { client, got } from "../api/client";
import { Act } from "../parts/Act";
import { LineLayer } from "../parts/LineLayer";
import type { Place } from "../parts/line";
import { say } from "../words/say";

interface Props {
  photo: Reference;
  onTone: (tone: string) => void;
  onLeave: () => void;
}

/** Two touches on a photo of the surface: the surface, then something white beside it. */
export function ToneReading({ photo, onTone, onLeave }: Props) {
  const [surface, setSurface] = useState<Place | null>(null);
  const read = useMutation({
    mutationFn: async (white: Place) =>
      got(
        await client.POST("/api/references/{content}/tone", {
          params: { path: { content: photo.hash } },
          body: { surface: surface ?? white, white },
        }),
      ),
    onSuccess: ({ tone }) => onTone(tone),
    onError: () => setSurface(null),
  });
  const touch = (at: Place) => (surface ? read.mutate(at) : setSurface(at));
  return (
    <Box w="100%">
      <p>
        <b>{surface ? say("tone-reading-now-white-beside") : say("tone-reading-touch-surface")}</b>{" "}
        <Act onClick={onLeave}>{say("tone-reading-leave")}</Act>
      </p>
      <LineLayer onLine={(line) => line[0] && touch(line[0])} onTouch={touch}>
        <img
          src={`/api/references/${photo.hash}/picture`}
          width={420}
          alt={say("tone-reading-surface-beside-white")}
          draggable={false}
        />
      </LineLayer>
    </Box>
  );
}
