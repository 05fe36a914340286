import { useCallback } from "react";
import type { Piece, Plan } from "../api/client";
import { useBytes } from "../api/hooks";
import { PixelCanvas } from "../parts/PixelCanvas";
import { say } from "../words/say";
import classes from "./finer.module.css";
import type { Maps } from "./lookup";
import { coloursAfter } from "./table";

interface Props {
  piece: Piece;
  plan: Plan;
  pass: number;
  maps: Maps;
}

/** Over the picture: grain, rims and the way of the brush, wherever something is painted by now. */
export function HandLayer({ piece, plan, pass, maps }: Props) {
  const { width, height, media } = plan.view;
  const loaded = useBytes(media.hand ? `/api/pieces/${piece.id}/maps/hand?${media.hand}` : null);
  const hand = loaded.data?.length === width * height ? loaded.data : null;
  const draw = useCallback(
    (pixels: Uint32Array) => {
      if (hand) drawHand(pixels, maps.first, hand, paintedIn(plan, pass));
    },
    [hand, maps, plan, pass],
  );
  if (!hand) return null;
  return (
    <div className={classes.hand}>
      <PixelCanvas
        width={width}
        height={height}
        label={say("hand-layer-laid")}
        measure="hand"
        clear
        draw={draw}
      />
    </div>
  );
}

/** Which patches are no longer bare after a pass. */
export function paintedIn(plan: Plan, pass: number): Uint8Array {
  const [bare, now] = [coloursAfter(plan.view, 0), coloursAfter(plan.view, pass)];
  return Uint8Array.from(plan.view.patchMass, (_, p) =>
    [0, 1, 2, 3, 4, 5].some((c) => now[6 * p + c] !== bare[6 * p + c]) ? 1 : 0,
  );
}

/** Greys about the middle one where something is painted, clear elsewhere. */
export function drawHand(
  pixels: Uint32Array,
  first: Uint16Array,
  hand: Uint8Array,
  painted: Uint8Array,
): void {
  for (let i = 0; i < pixels.length; i++) {
    const grey = hand[i] as number;
    pixels[i] = painted[first[i] as number] ? (0xff000000 | (grey * 0x10101)) >>> 0 : 0;
  }
}
