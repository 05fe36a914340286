import { useRef, useState } from "react";
import type { Piece } from "../api/client";
import layers from "../parts/parts.module.css";
import { say } from "../words/say";
import { arrangementOf, type Crop, dragged, type Side } from "./arrangement";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  onCrop: (crop: Crop) => void;
}

const SIDES: Side[] = ["left", "top", "right", "bottom"];
const STEPS = { ArrowLeft: -0.01, ArrowUp: -0.01, ArrowRight: 0.01, ArrowDown: 0.01 };

/** The whole reference with the frame of what is painted: all four sides dragged or moved by arrow. */
export function CropPicture({ piece, onCrop }: Props) {
  const area = useRef<HTMLDivElement>(null);
  const [crop, setCrop] = useState(arrangementOf(piece).crop);
  const latest = useRef(crop);
  const set = (to: Crop) => {
    latest.current = to;
    setCrop(to);
  };
  const drag = (side: Side, clientX: number, clientY: number) => {
    const box = area.current?.getBoundingClientRect();
    if (!box) return;
    const across = side === "left" || side === "right";
    const to = across ? (clientX - box.left) / box.width : (clientY - box.top) / box.height;
    set(dragged(latest.current, side, to));
  };
  const frame = {
    left: `${100 * crop.left}%`,
    top: `${100 * crop.top}%`,
    right: `${100 * (1 - crop.right)}%`,
    bottom: `${100 * (1 - crop.bottom)}%`,
  };
  return (
    <div ref={area} className={`${layers.layers} ${classes.clip}`} data-arrows>
      {piece.reference && (
        <img
          src={`/api/references/${piece.reference.hash}/picture`}
          width={piece.reference.width}
          height={piece.reference.height}
          alt={say("crop-picture-whole-reference")}
          draggable={false}
        />
      )}
      <div className={classes.frame} style={frame}>
        {SIDES.map((side) => (
          <div
            key={side}
            role="slider"
            tabIndex={0}
            data-side={side}
            aria-label={say(`crop-picture-${side}`)}
            aria-orientation={side === "left" || side === "right" ? "horizontal" : "vertical"}
            aria-valuemin={0}
            aria-valuemax={100}
            aria-valuenow={Math.round(100 * crop[side])}
            onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
            onPointerMove={(event) =>
              event.currentTarget.hasPointerCapture(event.pointerId) &&
              drag(side, event.clientX, event.clientY)
            }
            onPointerUp={() => onCrop(latest.current)}
            onKeyDown={(event) => {
              const step = STEPS[event.key as keyof typeof STEPS];
              if (!step) return;
              event.preventDefault();
              set(dragged(latest.current, side, latest.current[side] + step));
            }}
            onKeyUp={(event) => event.key.startsWith("Arrow") && onCrop(latest.current)}
          />
        ))}
      </div>
    </div>
  );
}
