interface Props<K> {
  /** What is chosen, for those who cannot see the row. */
  label: string;
  options: readonly { key: K; words: string }[];
  chosen: K;
  className: string | undefined;
  onChoose: (key: K) => void;
}

/** A row of buttons of which one is chosen. */
export function Choices<K extends string | number>(props: Props<K>) {
  const { label, options, chosen, className, onChoose } = props;
  return (
    <p className={className} role="group" aria-label={label}>
      {options.map(({ key, words }) => (
        <button key={key} type="button" aria-pressed={key === chosen} onClick={() => onChoose(key)}>
          {words}
        </button>
      ))}
    </p>
  );
}
