interface Props {
  shown: string;
  words: string;
}

/** One figure of a list of facts, with what it is below it. */
export function Fact({ shown, words }: Props) {
  return (
    <div>
      <dd>{shown}</dd>
      <dt>{words}</dt>
    </div>
  );
}
