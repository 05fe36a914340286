import classes from "./parts.module.css";

interface Props {
  label: string;
  values: readonly number[];
  value: number;
  onChange: (value: number) => void;
}

/** A row of ridges, filled up to the value: squint, bands. */
export function Meter({ label, values, value, onChange }: Props) {
  const at = values.findIndex((v) => Math.abs(v - value) < 1e-6);
  const move = (step: number) => {
    const next = values[Math.min(values.length - 1, Math.max(0, at + step))];
    if (next !== undefined && next !== value) onChange(next);
  };
  return (
    <span
      className={classes.meter}
      role="radiogroup"
      aria-label={label}
      data-arrows
      onKeyDown={(event) => {
        if (event.key === "ArrowRight" || event.key === "ArrowUp") move(1);
        if (event.key === "ArrowLeft" || event.key === "ArrowDown") move(-1);
      }}
    >
      {values.map((v, k) => (
        <button
          key={v}
          type="button"
          role="radio"
          aria-checked={v === value}
          aria-label={`${label} ${v}`}
          data-full={k <= at}
          tabIndex={v === value || (at < 0 && k === 0) ? 0 : -1}
          ref={(element) => {
            if (v === value && element?.parentElement?.contains(document.activeElement))
              element.focus();
          }}
          onClick={() => onChange(v)}
        />
      ))}
    </span>
  );
}
