import type { Reference } from "../api/client";
import { useUpload } from "../api/hooks";
import { ProblemNote } from "./Problem";

interface Props {
  words: string;
  onTaken: (reference: Reference) => void;
}

/** A place to choose a photo that is taken in at once. */
export function PhotoPick({ words, onTaken }: Props) {
  const upload = useUpload(onTaken);
  return (
    <>
      <label className="act">
        <input
          type="file"
          className="unseen"
          accept="image/*"
          aria-label={words}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) upload.mutate(file);
            event.target.value = "";
          }}
        />
        {upload.isPending ? "reading the photo" : words}
      </label>
      {upload.error && <ProblemNote onClose={upload.reset}>{upload.error.message}</ProblemNote>}
    </>
  );
}
