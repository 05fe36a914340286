import type { Reference } from "../api/client";
import { useUpload } from "../api/hooks";
import { say } from "../words/say";
import { FilePick } from "./FilePick";

interface Props {
  words: string;
  onTaken: (reference: Reference) => void;
}

/** A place to choose a photo that is taken in at once. */
export function PhotoPick({ words, onTaken }: Props) {
  const upload = useUpload(onTaken);
  return (
    <FilePick
      words={upload.isPending ? say("photo-pick-reading-photo") : words}
      label={words}
      accept="image/*"
      onFile={(file) => upload.mutate(file)}
    />
  );
}
