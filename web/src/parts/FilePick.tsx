import { FileButton } from "@mantine/core";
import { useRef } from "react";
import { Act } from "./Act";

interface Props {
  /** What is read on the page. */
  words: string;
  /** What the place to choose a file is called. */
  label: string;
  accept: string;
  onFile: (file: File) => void;
}

/** A place to choose a file; the same file can be chosen again. */
export function FilePick({ words, label, accept, onFile }: Props) {
  const reset = useRef<() => void>(null);
  const take = (file: File | null) => {
    if (file) onFile(file);
    reset.current?.();
  };
  return (
    <FileButton
      accept={accept}
      resetRef={reset}
      inputProps={{ "aria-label": label }}
      onChange={take}
    >
      {(props) => <Act {...props}>{words}</Act>}
    </FileButton>
  );
}
