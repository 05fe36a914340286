import { type PointerEvent, type ReactNode, useState } from "react";
import { type Place, stroke } from "./line";
import classes from "./parts.module.css";

interface Props {
  /** Lines drawn before that still show. */
  shown?: readonly (readonly Place[])[];
  onLine: (points: Place[]) => void;
  onTouch?: (place: Place) => void;
  onOver?: (place: Place | null) => void;
  children: ReactNode;
}

/** Something that lines are drawn over with mouse, pen or finger: a line, or a touch. */
export function LineLayer({ shown = [], onLine, onTouch, onOver, children }: Props) {
  const [line, setLine] = useState<Place[]>([]);
  const place = (event: PointerEvent): Place => {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: (event.clientX - box.left) / box.width,
      y: (event.clientY - box.top) / box.height,
    };
  };
  return (
    <div
      className={classes.layers}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setLine([place(event)]);
      }}
      onPointerMove={(event) => {
        const point = place(event);
        if (line.length) setLine([...line, point]);
        else onOver?.(point);
      }}
      onPointerLeave={() => onOver?.(null)}
      onPointerUp={(event) => {
        const done = stroke(line);
        setLine([]);
        if (done) onLine(done);
        else onTouch?.(place(event));
      }}
      onPointerCancel={() => setLine([])}
    >
      {children}
      <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
        {[...shown, line].flatMap((of, k) =>
          ["light", "dark"].map((tone) => (
            <polyline key={`${k} ${tone}`} data-tone={tone} points={drawn(of)} />
          )),
        )}
      </svg>
    </div>
  );
}

/** Places as an SVG line. */
export const drawn = (line: readonly Place[]) => line.map(({ x, y }) => `${x},${y}`).join(" ");
