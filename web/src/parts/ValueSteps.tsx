import classes from "./parts.module.css";

interface Props {
  values: number[];
  yOf: (value: number) => number;
}

/** The upright value ladder's steps: a grey chip of each whole value and its number. */
export function ValueSteps({ values, yOf }: Props) {
  return values.map((value) => (
    <g key={value}>
      <rect
        x={0}
        y={yOf(value) - 7}
        width={13}
        height={14}
        fill={`lab(${10 * value} 0 0)`}
        stroke="var(--line)"
      />
      <text x={18} y={yOf(value) + 4} className={classes.step}>
        {value}
      </text>
    </g>
  ));
}
