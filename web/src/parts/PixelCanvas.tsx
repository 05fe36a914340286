import { useLayoutEffect, useRef } from "react";
import classes from "./parts.module.css";

interface Props {
  width: number;
  height: number;
  label: string;
  /** Whether pixels may be clear, so that what lies below shows. */
  clear?: boolean;
  /** The name under which the time of a fill is left for measuring. */
  measure?: string;
  /** Fills the pixels (0xAABBGGRR), or returns false where there is nothing yet; a new function paints anew. */
  draw: (pixels: Uint32Array) => unknown;
  onPoint?: (x: number, y: number) => void;
  onLeave?: () => void;
  onPick?: (x: number, y: number) => void;
}

/** A canvas filled pixel by pixel; the time of the last fill is left for measuring. */
export function PixelCanvas(props: Props) {
  const { width, height, label, draw, clear = false, measure = "picture" } = props;
  const { onPoint, onLeave, onPick } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const image = useRef<ImageData | null>(null);
  useLayoutEffect(() => {
    const start = performance.now();
    if (image.current?.width !== width || image.current.height !== height)
      image.current = new ImageData(width, height);
    // An opaque canvas is black from its first context on: wait with that until there is something to see.
    if (draw(new Uint32Array(image.current.data.buffer)) === false) return;
    const context = canvas.current?.getContext("2d", { alpha: clear });
    context?.putImageData(image.current, 0, 0);
    performance.measure(measure, { start, end: performance.now() });
  }, [draw, width, height, clear, measure]);
  const place = (event: React.PointerEvent, call?: (x: number, y: number) => void) => {
    const box = event.currentTarget.getBoundingClientRect();
    call?.((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
  };
  return (
    <canvas
      ref={canvas}
      width={width}
      height={height}
      className={classes.canvas}
      role="img"
      aria-label={label}
      onPointerMove={(event) => place(event, onPoint)}
      onPointerLeave={onLeave}
      onPointerDown={(event) => place(event, onPick)}
    />
  );
}
