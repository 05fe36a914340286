import { Button, Group } from "@mantine/core";
import { useRef, useState } from "react";
import type { Observation } from "../api/client";
import { say } from "../words/say";
import { madeUrl } from "./queries";
import classes from "./review.module.css";

type Corner = [number, number];

interface Props {
  piece: string;
  seen: Observation;
  reading: boolean;
  onTake: (corners: Corner[]) => void;
  onLeave: () => void;
}

const NAMES = ["upper-left", "upper-right", "lower-right", "lower-left"] as const;
const STEPS: Record<string, Corner> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The photo with the four corners of the sheet, each dragged by hand or moved by arrows. */
export function Corners({ piece, seen, reading, onTake, onLeave }: Props) {
  const [wide, high] = seen.size;
  const [corners, setCorners] = useState(seen.corners as Corner[]);
  const box = useRef<HTMLDivElement>(null);
  const put = (k: number, [x, y]: Corner) => {
    const to: Corner = [Math.min(wide, Math.max(0, x)), Math.min(high, Math.max(0, y))];
    setCorners((before) => before.map((one, j) => (j === k ? to : one)));
  };
  const dragged = (k: number) => (event: React.PointerEvent) => {
    const at = box.current?.getBoundingClientRect();
    if (!at || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    put(k, [
      ((event.clientX - at.left) / at.width) * wide,
      ((event.clientY - at.top) / at.height) * high,
    ]);
  };
  const moved = (k: number) => (event: React.KeyboardEvent) => {
    const step = STEPS[event.key];
    const [x, y] = corners[k] ?? [0, 0];
    if (!step) return;
    event.preventDefault();
    const far = Math.max(wide, high) / (event.shiftKey ? 50 : 400);
    put(k, [x + far * step[0], y + far * step[1]]);
  };
  return (
    <>
      <div className={classes.corners} ref={box} data-arrows>
        <img
          src={madeUrl(piece, seen, "photo")}
          width={wide}
          height={high}
          alt={say("review-photo-alt")}
          draggable={false}
        />
        <svg viewBox={`0 0 ${wide} ${high}`} aria-hidden="true">
          <polygon points={corners.map((at) => at.join()).join(" ")} />
          <polygon points={corners.map((at) => at.join()).join(" ")} data-tone="dark" />
        </svg>
        {corners.map(([x, y], k) => (
          <button
            key={NAMES[k]}
            type="button"
            aria-label={say(`review-corner-${NAMES[k] ?? "upper-left"}`)}
            style={{ left: `${(100 * x) / wide}%`, top: `${(100 * y) / high}%` }}
            onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
            onPointerMove={dragged(k)}
            onKeyDown={moved(k)}
          />
        ))}
      </div>
      <Group py="sm">
        <Button variant="filled" loading={reading} onClick={() => onTake(corners)}>
          {say("review-take-corners")}
        </Button>
        <Button variant="default" onClick={onLeave}>
          {say("review-leave-corners")}
        </Button>
      </Group>
      <p className="quiet">{say("review-drag-corners")}</p>
    </>
  );
}
