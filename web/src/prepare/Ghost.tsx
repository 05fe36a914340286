import { useLayoutEffect, useRef } from "react";
import type { Plan } from "../api/client";
import type { Place } from "../parts/line";
import { say } from "../words/say";
import classes from "./prepare.module.css";

interface Props {
  picture: HTMLImageElement;
  plan: Plan;
  isOwn: (at: Place) => boolean;
  by: Place;
}

/** A thing cut out of the picture while it is dragged: drawn once, then only shifted. */
export function Ghost({ picture, plan, isOwn, by }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width, height } = plan.view;
  useLayoutEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context) return;
    const start = performance.now();
    context.drawImage(picture, 0, 0, width, height);
    const image = context.getImageData(0, 0, width, height);
    for (let y = 0, i = 3; y < height; y++)
      for (let x = 0; x < width; x++, i += 4)
        if (!isOwn({ x: (x + 0.5) / width, y: (y + 0.5) / height })) image.data[i] = 0;
    context.putImageData(image, 0, 0);
    performance.measure(say("ghost-cut-out"), { start, end: performance.now() });
  }, []);
  const shift = `translate(${100 * by.x}%, ${100 * by.y}%)`;
  return (
    <canvas
      ref={canvas}
      className={classes.ghost}
      width={width}
      height={height}
      style={{ transform: shift }}
    />
  );
}
