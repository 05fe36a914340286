import { useCallback } from "react";
import type { Piece, Plan } from "../api/client";
import { useLabels } from "../api/hooks";
import { PixelCanvas } from "../parts/PixelCanvas";
import { say } from "../words/say";
import { type EdgeKind, nearestStretch } from "./edges";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  /** The pass whose edges are drawn strongly; the others are faint. */
  pass: string | undefined;
  chosen: number | null;
  onChoose: (number: number | null) => void;
}

const DARK = [0xff141414, 0x50141414] as const;
const LIGHT = [0xfff4f4f4, 0x50f4f4f4] as const;
const GREY = [0xb0808080, 0x40808080] as const;

/** Every stretch of border over the picture: firm a line, soft a grey band, lost dots, broken dashes. */
export function EdgesLayer({ piece, plan, pass, chosen, onChoose }: Props) {
  const where = useLabels(piece.id, plan, "edges");
  const { width, height } = plan.view;
  const stretches = plan.document.edges;
  const draw = useCallback(
    (pixels: Uint32Array) => {
      pixels.fill(0);
      if (!where) return;
      const unit = Math.max(1, Math.round(width / 500));
      for (let y = unit; y < height - unit; y++)
        for (let x = unit, i = y * width + unit; x < width - unit; x++, i++) {
          const number = where[i];
          const stretch = number ? stretches?.[number - 1] : undefined;
          if (!stretch) continue;
          const weak = stretch.pass === pass || number === chosen ? 0 : 1;
          dot(pixels, i, { x, y, width, unit, how: stretch.how, weak });
          if (number === chosen && (x + y) % 2 === 0) pixels[i] = LIGHT[0];
        }
    },
    [where, stretches, width, height, pass, chosen],
  );
  return (
    <div className={classes.edges}>
      <PixelCanvas
        width={width}
        height={height}
        label={say("edges-layer-edges")}
        clear
        draw={draw}
        onPick={(x, y) => onChoose(nearestStretch(where, width, height, x, y))}
      />
    </div>
  );
}

interface Dot {
  x: number;
  y: number;
  width: number;
  unit: number;
  how: EdgeKind;
  weak: 0 | 1;
}

/** How far a soft band reaches to both sides, and how far dots and dashes lie apart, in units. */
const [BAND, DOTS, DASHES] = [3, 5, 9];

/** One pixel of a border as its kind is drawn. */
function dot(pixels: Uint32Array, i: number, { x, y, width, unit, how, weak }: Dot) {
  const square = (reach: number, colour: number, over = true) => {
    for (let dy = -reach; dy <= reach; dy++)
      for (let dx = -reach; dx <= reach; dx++) {
        const k = i + dy * width + dx;
        if (k >= 0 && k < pixels.length && (over || !pixels[k])) pixels[k] = colour;
      }
  };
  if (how === "firm") square(unit, DARK[weak]);
  else if (how === "soft") square(BAND * unit, GREY[weak], false);
  else if (how === "lost") {
    if ((x + y) % (DOTS * unit) === 0) square(unit, DARK[weak]);
  } else if (((x * 7 + y * 3) / unit) % DASHES < DASHES / 2) square(unit, DARK[weak]);
}
