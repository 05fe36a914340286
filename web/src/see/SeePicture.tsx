import { useCallback } from "react";
import type { Piece, Plan } from "../api/client";
import { useLabels } from "../api/hooks";
import { PixelCanvas } from "../parts/PixelCanvas";
import { say } from "../words/say";
import { hide, type shownOf } from "./alone";
import { lookedUp, useGreys } from "./bands";
import { edges, hardnesses } from "./edges";
import type { Look } from "./looks";

const REST = 0xa0;

interface Props {
  piece: Piece;
  plan: Plan;
  look: Look;
  values: Uint8Array | undefined;
  /** The grey of each level in its band, or null for plain values. */
  table: Uint32Array | null;
  mass: string | null;
  /** What is shown alone, and the grey of the rest. */
  shown: ReturnType<typeof shownOf>;
  onMass: (mass: string | null) => void;
}

/** Values, bands, masses or edges of the picture, with the outline of the mass pointed at. */
export function SeePicture({ piece, plan, look, values, table, mass, shown, onMass }: Props) {
  const { width, height } = plan.view;
  const greys = useGreys();
  const labels = useLabels(piece.id, plan, "labels");
  const only = plan.document.masses.find((m) => m.id === mass)?.label ?? 0;
  const draw = useCallback(
    (pixels: Uint32Array) => {
      if (look === "edges") return labels && edges(pixels, labels, width, hardnesses(plan));
      if (values?.length !== width * height) return false;
      if (look === "masses" && labels) {
        masses(pixels, labels, width, plan, greys, only);
        return hide(pixels, shown, values, labels, REST);
      }
      if (table)
        for (let i = 0; i < values.length; i++) pixels[i] = table[values[i] as number] as number;
      else lookedUp(pixels, values, greys);
      hide(pixels, shown, values, labels, REST);
      if (only && labels) outlined(pixels, labels, width, only);
    },
    [look, labels, values, table, width, height, plan, greys, only, shown],
  );
  const point = (x: number, y: number) => {
    const label = labels?.[Math.floor(y * height) * width + Math.floor(x * width)];
    onMass(plan.document.masses.find((m) => m.label === label)?.id ?? null);
  };
  return (
    <PixelCanvas
      width={width}
      height={height}
      label={say("see-picture-reference", { look })}
      draw={draw}
      onPoint={point}
    />
  );
}

/** Masses at their measured value, with outlines between them. */
function masses(
  pixels: Uint32Array,
  labels: Uint16Array,
  width: number,
  plan: Plan,
  greys: readonly number[],
  only: number,
): void {
  const table = new Uint32Array(plan.document.masses.length + 2);
  for (const { label, value } of plan.document.masses) {
    const grey = greys[Math.round(value * 25.5)] ?? 128;
    table[label] = (0xff000000 | (grey << 16) | (grey << 8) | grey) >>> 0;
  }
  for (let i = 0; i < labels.length; i++) {
    const own = labels[i] as number;
    const last = (i + 1) % width === 0;
    const edge = (!last && own !== labels[i + 1]) || own !== (labels[i + width] ?? own);
    pixels[i] = edge ? 0xff141414 : (table[own] as number);
  }
  if (only) outlined(pixels, labels, width, only);
}

/** The outline of one mass, dark with a light line inside, so that it shows on any value. */
function outlined(pixels: Uint32Array, labels: Uint16Array, width: number, only: number): void {
  for (let i = 2 * width; i < labels.length - 2 * width; i++) {
    if (labels[i] !== only) continue;
    const beside =
      labels[i - 1] !== only ||
      labels[i + 1] !== only ||
      labels[i - width] !== only ||
      labels[i + width] !== only;
    const near =
      labels[i - 2] !== only ||
      labels[i + 2] !== only ||
      labels[i - 2 * width] !== only ||
      labels[i + 2 * width] !== only;
    if (beside) pixels[i] = 0xff000000;
    else if (near) pixels[i] = 0xffffffff;
  }
}
