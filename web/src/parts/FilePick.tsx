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
  return (
    <label className="act">
      <input
        type="file"
        className="unseen"
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          event.target.value = "";
        }}
      />
      {words}
    </label>
  );
}
