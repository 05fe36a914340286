import { type PointerEvent, useRef, useState } from "react";
import type { Piece, Plan } from "../api/client";
import { shownUrl } from "../api/hooks";
import type { Place } from "../parts/line";
import layers from "../parts/parts.module.css";
import { say } from "../words/say";
import classes from "./see.module.css";
import type { useWindows, Which } from "./useWindows";

interface Props {
  piece: Piece;
  plan: Plan;
  by: ReturnType<typeof useWindows>;
  lining: boolean;
}

const STEP = 0.01;
const BY_KEY: Record<string, Place> = {
  ArrowLeft: { x: -STEP, y: 0 },
  ArrowRight: { x: STEP, y: 0 },
  ArrowUp: { x: 0, y: -STEP },
  ArrowDown: { x: 0, y: STEP },
};
const inside = (n: number) => Math.min(1, Math.max(0, n));

/** The reference with two windows to drag; everything around each is a neutral frame. */
export function WindowsPicture({ piece, plan, by, lining }: Props) {
  const { width, height } = plan.view;
  const area = useRef<HTMLDivElement>(null);
  const [held, setHeld] = useState<{ which: Which; at: Place } | null>(null);
  const [drawn, setDrawn] = useState<[Place, Place] | null>(null);
  const place = (event: PointerEvent): Place => {
    const box = area.current?.getBoundingClientRect();
    if (!box) return { x: 0, y: 0 };
    return {
      x: inside((event.clientX - box.left) / box.width),
      y: inside((event.clientY - box.top) / box.height),
    };
  };
  const line = drawn ?? by.line;
  return (
    <div
      ref={area}
      className={layers.layers}
      data-arrows
      onPointerDown={(event) => {
        if (!lining) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setDrawn([place(event), place(event)]);
      }}
      onPointerMove={(event) => drawn && setDrawn([drawn[0], place(event)])}
      onPointerUp={() => {
        if (drawn) by.setLine(drawn);
        setDrawn(null);
      }}
    >
      <img
        src={shownUrl(piece.id, plan, "picture")}
        width={width}
        height={height}
        alt={say("windows-picture-reference")}
        draggable={false}
      />
      {line && (
        <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
          {["light", "dark"].map((tone) => (
            <polyline
              key={tone}
              data-tone={tone}
              points={line.map(({ x, y }) => `${x},${y}`).join(" ")}
            />
          ))}
        </svg>
      )}
      {(["one", "other"] as const).map((which, k) => {
        const own = by.windows[which];
        const at = held?.which === which ? held.at : own;
        const half = own.half ?? 0.015;
        return (
          <div
            key={which}
            role="slider"
            tabIndex={0}
            className={classes.window}
            aria-label={k ? say("windows-picture-second") : say("windows-picture-first")}
            aria-valuenow={Math.round(100 * at.x)}
            aria-valuetext={say("windows-picture-across-down", {
              x: Math.round(100 * at.x),
              y: Math.round(100 * at.y),
            })}
            style={{
              left: `${100 * at.x}%`,
              top: `${100 * at.y}%`,
              width: `calc(${200 * half}% + 24px)`,
            }}
            onPointerDown={(event) => {
              if (lining) return;
              event.stopPropagation();
              event.currentTarget.setPointerCapture(event.pointerId);
              setHeld({ which, at });
            }}
            onPointerMove={(event) => held && setHeld({ which: held.which, at: place(event) })}
            onPointerUp={() => {
              if (held) by.change(held.which, held.at);
              setHeld(null);
            }}
            onKeyDown={(event) => {
              const step = BY_KEY[event.key];
              if (!step) return;
              event.preventDefault();
              by.change(which, { x: inside(own.x + step.x), y: inside(own.y + step.y) });
            }}
          >
            <b>{k + 1}</b>
          </div>
        );
      })}
    </div>
  );
}
