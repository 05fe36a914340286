import { useCallback, useEffect, useState } from "react";
import type { Piece, Plan } from "../api/client";
import { useLabels, wholeUrl } from "../api/hooks";
import { LineLayer } from "../parts/LineLayer";
import type { Place } from "../parts/line";
import { PixelCanvas } from "../parts/PixelCanvas";
import { Tags } from "../parts/Tags";
import { say } from "../words/say";

interface Props {
  piece: Piece;
  plan: Plan;
  area: string | null;
  /** A line drawn before, still waiting for its other side. */
  first: Place[] | null;
  onArea: (area: string | null) => void;
  onStroke: (points: Place[]) => void;
}

/** The reference with its areas outlined; a line drawn over a thing makes it one area. */
export function AreaPicture({ piece, plan, area, first, onArea, onStroke }: Props) {
  const { areas, areaWidth: width = 1, areaHeight: height = 1 } = plan.view;
  const labels = useLabels(piece.id, plan, "areas");
  const numbers = (areas ?? []).map(({ inside: [x, y] }, k) => ({ x, y, text: `${k + 1}` }));
  const [over, setOver] = useState<string | null>(null);
  const [touched, setTouched] = useState<Place | null>(null);
  const only = areas?.find((a) => a.id === (over ?? area))?.label ?? 0;
  const draw = useCallback(
    (pixels: Uint32Array) => labels && outlines(pixels, labels, width, only),
    [labels, width, only],
  );
  const areaAt = ({ x, y }: Place) => {
    const label = labels?.[Math.floor(y * height) * width + Math.floor(x * width)];
    return areas?.find((a) => a.label === label)?.id ?? null;
  };
  // A touch before the map of areas has come is kept until it has.
  useEffect(() => {
    if (!touched || !labels) return;
    setTouched(null);
    onArea(areaAt(touched));
  });
  return (
    <LineLayer
      shown={first ? [first] : []}
      onLine={onStroke}
      onTouch={setTouched}
      onOver={(at) => setOver(at && areaAt(at))}
    >
      <img
        src={wholeUrl(piece.id, plan)}
        width={width}
        height={height}
        alt={say("area-picture-reference")}
        draggable={false}
      />
      <PixelCanvas
        width={width}
        height={height}
        label={say("area-picture-outlines-areas")}
        draw={draw}
        clear
      />
      <Tags tags={numbers} />
    </LineLayer>
  );
}

/** Clear pixels but for the outlines: dark with a light line beside, wider round the chosen area. */
function outlines(pixels: Uint32Array, labels: Uint16Array, width: number, only: number): void {
  pixels.fill(0);
  for (let i = 0; i < labels.length - 4 * width - 4; i++) {
    // The last column has no neighbour: the next label belongs to the next row.
    if ((i + 1) % width === 0) continue;
    const own = labels[i];
    const right = labels[i + 1];
    const below = labels[i + width];
    if (own === right && own === below) continue;
    const chosen = only && (own === only || right === only || below === only);
    const dark = chosen ? 3 : 2;
    for (let k = 0; k < dark; k++) {
      pixels[i + k] = 0xff141414;
      pixels[i + k * width] = 0xff141414;
    }
    for (const beside of [dark, dark * width])
      if (!pixels[i + beside]) pixels[i + beside] = 0xe0f4f4f4;
  }
}
