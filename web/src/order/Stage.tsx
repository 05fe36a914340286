import { useCallback, useMemo } from "react";
import type { Piece, Plan } from "../api/client";
import { shownUrl, useBytes } from "../api/hooks";
import { PixelCanvas } from "../parts/PixelCanvas";
import { lookedUp, useGreys } from "../see/bands";
import { BYTES_A_PIXEL, type Maps, paint, unpacked } from "./lookup";

export interface Looking {
  values: boolean;
  reference: boolean;
  squint: boolean;
  outlines: boolean;
}

interface Props {
  piece: Piece;
  plan: Plan;
  pass: number;
  mass: string | null;
  looking: Looking;
  onMass: (mass: string | null) => void;
}

/** The picture after the selected pass; never moves, and a step asks the server for nothing. */
export function Stage({ piece, plan, pass, mass, looking, onMass }: Props) {
  const { width, height, media } = plan.view;
  const loaded = useBytes(`/api/pieces/${piece.id}/maps/maps?${media.maps}`);
  const squinted = useBytes(
    looking.squint ? shownUrl(piece.id, plan, "values", "&squint=2") : null,
  );
  const greys = useGreys();
  const size = width * height;
  const maps = useMemo(
    () =>
      loaded.data?.length === BYTES_A_PIXEL * size ? unpacked(loaded.data, width, height) : null,
    [loaded.data, size, width, height],
  );
  const label = plan.document.masses.findIndex((m) => m.id === mass);
  const draw = useCallback(
    (pixels: Uint32Array) => {
      if (looking.squint && squinted.data?.length === size)
        return lookedUp(pixels, squinted.data, greys);
      if (!maps) return;
      paint(pixels, maps, plan.view, pass, looking.values);
      if (looking.outlines || label >= 0)
        outline(pixels, maps, plan, looking.outlines ? -1 : label);
    },
    [maps, plan, pass, looking, squinted.data, greys, size, label],
  );
  const point = (x: number, y: number) => {
    const patch = maps?.first[Math.floor(y * height) * width + Math.floor(x * width)];
    const index = patch === undefined ? -1 : (plan.view.patchMass[patch] ?? -1);
    onMass(plan.document.masses[index]?.id ?? null);
  };
  if (looking.reference && !looking.squint)
    return (
      <img
        src={shownUrl(piece.id, plan, "picture")}
        width={width}
        height={height}
        alt="The reference"
      />
    );
  return (
    <PixelCanvas
      width={width}
      height={height}
      label={`The picture after pass ${pass}${looking.values ? ", values only" : ""}`}
      draw={draw}
      onPoint={point}
      onLeave={() => onMass(null)}
    />
  );
}

/** Draw the outline of one mass (or of all: -1) in black and white, so that it shows on any value. */
function outline(pixels: Uint32Array, maps: Maps, plan: Plan, only: number): void {
  const { first, width, height } = maps;
  const owner = plan.view.patchMass;
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const i = y * width + x;
      const own = owner[first[i] as number];
      const right = owner[first[i + 1] as number];
      const below = owner[first[i + width] as number];
      if (own === right && own === below) continue;
      if (only >= 0 && own !== only && right !== only && below !== only) continue;
      pixels[i] = 0xff141414;
      if (only >= 0) {
        pixels[i + 1] = 0xff141414;
        pixels[i - width] = 0xfff4f4f4;
      }
    }
}
