import classes from "./parts.module.css";

export interface Tag {
  /** Shares of the picture. */
  x: number;
  y: number;
  text: string;
}

/** Numbers and signs at places of a picture, readable on any value; they let the pointer through. */
export function Tags({ tags }: { tags: readonly Tag[] }) {
  return (
    <div className={classes.tags} aria-hidden="true">
      {tags.map(({ x, y, text }) => (
        <span key={`${x} ${y} ${text}`} style={{ left: `${100 * x}%`, top: `${100 * y}%` }}>
          {text}
        </span>
      ))}
    </div>
  );
}
