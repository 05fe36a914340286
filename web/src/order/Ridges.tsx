import { useRef } from "react";
import type { Plan } from "../api/client";
import type { Ridge } from "../parts/ridges";
import { minutes } from "../parts/time";
import { say } from "../words/say";
import { WIDE } from "./board";
import classes from "./order.module.css";
import { isFinal } from "./rows";

interface Props {
  row: Ridge[];
  plan: Plan;
  pass: number;
  base: number;
  tall: number;
  onPass: (pass: number) => void;
  onDrag: (pass: string, to: number, dropped: boolean) => void;
}

/** The passes as buttons over their ridges: chosen by click, moved by dragging or Alt and an arrow. */
export function Ridges({ row, plan, pass, base, tall, onPass, onDrag }: Props) {
  const area = useRef<HTMLFieldSetElement>(null);
  const drag = useRef<{ id: string; to: number } | null>(null);
  const percent = (x: number) => `${(100 * x) / WIDE}%`;
  const placeAt = (clientX: number) => {
    const box = area.current?.getBoundingClientRect();
    if (!box) return 0;
    const x = ((clientX - box.left) / box.width) * WIDE;
    const place = row.findIndex(({ next, end }) => x < (next + end) / 2);
    return place < 0 ? row.length - 1 : place;
  };
  const moveBy = (id: string, k: number, step: number) => {
    const to = k + step;
    if (to >= 0 && to < row.length) onDrag(id, to, true);
  };
  return (
    <fieldset
      ref={area}
      className={classes.ridges}
      style={{
        top: `calc(100cqw * ${(base - 30) / WIDE})`,
        height: `calc(100cqw * ${(tall - base + 26) / WIDE})`,
      }}
    >
      <legend className="unseen">{say("ridges-passes-drag-one")}</legend>
      {row.map((ridge, k) => {
        const done = plan.document.passes[k];
        return (
          <button
            key={ridge.id}
            type="button"
            aria-pressed={k + 1 === pass}
            aria-label={say("ridges-pass", {
              k: k + 1,
              title: done?.title ?? "",
              minutes: minutes(ridge.minutes),
            })}
            style={{ left: percent(ridge.start), width: percent(ridge.end - ridge.start) }}
            onClick={() => onPass(k + 1)}
            onKeyDown={(event) => {
              if (!event.altKey) return;
              if (event.key === "ArrowLeft") moveBy(ridge.id, k, -1);
              if (event.key === "ArrowRight") moveBy(ridge.id, k, 1);
            }}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              drag.current = { id: ridge.id, to: k };
            }}
            onPointerMove={(event) => {
              const to = placeAt(event.clientX);
              if (!drag.current || drag.current.to === to) return;
              drag.current.to = to;
              onDrag(ridge.id, to, false);
            }}
            onPointerUp={() => {
              if (drag.current && drag.current.to !== k) onDrag(ridge.id, drag.current.to, true);
              drag.current = null;
            }}
          >
            {k + 1}
            {done && isFinal(done) && (
              <svg viewBox="0 0 10 9" className={classes.final} role="img">
                <title>{say("ridges-step-without-return")}</title>
                <path d="M0 0H10L5 9Z" fill="var(--ink)" />
              </svg>
            )}
          </button>
        );
      })}
    </fieldset>
  );
}
