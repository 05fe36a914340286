import { Button, FileButton, Group } from "@mantine/core";
import { useRef } from "react";
import { Act } from "../parts/Act";
import { say } from "../words/say";
import type { useReading } from "./queries";

interface Props {
  reading: ReturnType<typeof useReading>;
  onTaken?: (id: string) => void;
}

/** Photograph the painting, on a tablet with its camera; or let the camera stand-in take a made photo. */
export function TakePhoto({ reading: { photo, camera }, onTaken }: Props) {
  const reset = useRef<() => void>(null);
  const told = { onSuccess: ({ id }: { id: string }) => onTaken?.(id) };
  const take = (file: File | null) => {
    if (file) photo.mutate(file, told);
    reset.current?.();
  };
  return (
    <Group py="sm">
      <FileButton
        accept="image/*"
        capture="environment"
        resetRef={reset}
        inputProps={{ "aria-label": say("review-take-photo") }}
        onChange={take}
      >
        {(props) => (
          <Button {...props} variant="filled" size="lg" loading={photo.isPending}>
            {say("review-take-photo")}
          </Button>
        )}
      </FileButton>
      <Act disabled={camera.isPending} onClick={() => camera.mutate(undefined, told)}>
        {say(camera.isPending ? "review-made-coming" : "review-made-photo")}
      </Act>
    </Group>
  );
}
