import { useCallback, useState } from "react";
import type { Borrowed, Piece, Plan } from "../api/client";
import { shownUrl, useReference, wholeUrl } from "../api/hooks";
import { drawn, LineLayer } from "../parts/LineLayer";
import type { Place } from "../parts/line";
import { PixelCanvas } from "../parts/PixelCanvas";
import layers from "../parts/parts.module.css";
import { say } from "../words/say";
import { placedOutline, type usePhotos } from "./usePhotos";

interface Props {
  piece: Piece;
  plan: Plan;
  photos: ReturnType<typeof usePhotos>;
  /** Values without squint, a byte a pixel. */
  values: Uint8Array | undefined;
}

/** The photo itself; the other photo while a thing is cut out of it; the thing while it is placed. */
export function PhotoPicture({ piece, plan, photos, values }: Props) {
  const { cutting, chosen, borrowed } = photos;
  const { width, height } = plan.view;
  const thing = chosen === null ? undefined : borrowed[chosen];
  const draw = useCallback(
    (pixels: Uint32Array) => values && hatched(pixels, values, width),
    [values, width],
  );
  if (cutting)
    return (
      <LineLayer onLine={photos.cut}>
        <img
          src={`/api/references/${cutting.hash}/picture`}
          width={cutting.width}
          height={cutting.height}
          alt={say("photo-picture-what-thing-cut")}
          draggable={false}
        />
      </LineLayer>
    );
  if (thing && chosen !== null)
    return (
      <Placing
        piece={piece}
        plan={plan}
        thing={thing}
        onPlace={(to) => photos.change(chosen, to)}
      />
    );
  return (
    <div className={layers.layers}>
      <img
        src={shownUrl(piece.id, plan, "picture")}
        width={width}
        height={height}
        alt={say("photo-picture-reference")}
      />
      {photos.marked && (
        <PixelCanvas
          width={width}
          height={height}
          label={say("photo-picture-lost-detail")}
          draw={draw}
          clear
        />
      )}
    </div>
  );
}

interface PlacingProps {
  piece: Piece;
  plan: Plan;
  thing: Borrowed;
  onPlace: (to: Place) => void;
}

/** A borrowed thing dragged to where it should stand, its outline going with the hand. */
function Placing({ piece, plan, thing, onPlace }: PlacingProps) {
  const { areaWidth: width = 1, areaHeight: height = 1 } = plan.view;
  const other = useReference(thing.photo).data;
  const [from, setFrom] = useState<Place | null>(null);
  const [by, setBy] = useState<Place>({ x: 0, y: 0 });
  const inside = (n: number) => Math.min(1, Math.max(0, n));
  const at = { x: inside(thing.x + by.x), y: inside(thing.y + by.y) };
  const place = (event: React.PointerEvent): Place => {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: (event.clientX - box.left) / box.width,
      y: (event.clientY - box.top) / box.height,
    };
  };
  const outline = other && placedOutline({ ...thing, ...at }, other, { width, height });
  const closed = outline?.[0] ? drawn([...outline, outline[0]]) : "";
  return (
    <div
      className={layers.layers}
      data-doing="move"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setFrom(place(event));
      }}
      onPointerMove={(event) => {
        if (!from) return;
        const to = place(event);
        setBy({ x: to.x - from.x, y: to.y - from.y });
      }}
      onPointerUp={() => {
        if (Math.hypot(by.x, by.y) > 0.005) onPlace(at);
        setFrom(null);
        setBy({ x: 0, y: 0 });
      }}
      onPointerCancel={() => setFrom(null)}
    >
      <img
        src={wholeUrl(piece.id, plan)}
        width={width}
        height={height}
        alt={say("photo-picture-reference")}
        draggable={false}
      />
      <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
        <polyline data-tone="light" points={closed} />
        <polyline data-tone="dark" points={closed} />
      </svg>
    </div>
  );
}

const [DARK, LIGHT] = [3, 253];
const STRIPE = 12;

/** Clear pixels but for stripes where the photo is crushed (light ones) or blown (dark ones). */
function hatched(pixels: Uint32Array, values: Uint8Array, width: number): void {
  pixels.fill(0);
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    if (value > DARK && value < LIGHT) continue;
    const across = ((i % width) + Math.floor(i / width)) % STRIPE;
    if (across < STRIPE / 2) pixels[i] = value <= DARK ? 0xffe0e0e0 : 0xff303030;
  }
}
