import { Button, Group } from "@mantine/core";
import { useRef, useState } from "react";
import { say } from "../words/say";
import classes from "./corners.module.css";

export type Corner = [number, number];

interface Props {
  photo: string;
  /** Width and height of the photo in pixels, and where the corners are to begin with. */
  size: readonly [number, number];
  from: readonly Corner[];
  /** What is to be done with the corners. */
  words: string;
  busy: boolean;
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

/** A photo with the four corners of what is painted, each dragged by hand or moved by arrows. */
export function Corners({ photo, size, from, words, busy, onTake, onLeave }: Props) {
  const [wide, high] = size;
  const [corners, setCorners] = useState([...from]);
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
        <img src={photo} width={wide} height={high} alt={say("corners-photo")} draggable={false} />
        <svg viewBox={`0 0 ${wide} ${high}`} aria-hidden="true">
          <polygon points={corners.map((at) => at.join()).join(" ")} />
          <polygon points={corners.map((at) => at.join()).join(" ")} data-tone="dark" />
        </svg>
        {corners.map(([x, y], k) => (
          <button
            key={NAMES[k]}
            type="button"
            aria-label={say(`corners-${NAMES[k] ?? "upper-left"}`)}
            style={{ left: `${(100 * x) / wide}%`, top: `${(100 * y) / high}%` }}
            onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
            onPointerMove={dragged(k)}
            onKeyDown={moved(k)}
          />
        ))}
      </div>
      <Group py="sm">
        <Button variant="filled" loading={busy} onClick={() => onTake(corners)}>
          {say("corners-take")}
        </Button>
        <Button variant="default" onClick={onLeave}>
          {say("corners-leave")}
        </Button>
      </Group>
      <p className="quiet">{words}</p>
    </>
  );
}
