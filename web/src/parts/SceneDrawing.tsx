import { useState } from "react";
import type { Shape } from "../api/client";
import { drawn, LineLayer } from "./LineLayer";
import type { Place } from "./line";
import classes from "./parts.module.css";

const VALUES = [0.5, 1.5, 2.5, 3.5, 4.5, 5.5, 6.5, 7.5, 8.5, 9.5];
const CHROMA = 26;
const FRAME = 0.02;
const HUES = ["red", "orange", "yellow", "green", "sea green", "blue", "violet"];
const TURNS = [20, 55, 90, 140, 190, 265, 320];

interface Props {
  shapes: readonly Shape[];
  /** Width over height. */
  aspect: number;
  /** Value of the bare surface. */
  ground: number;
  onShapes: (shapes: Shape[]) => void;
}

/** A scene drawn from mind: closed shapes, each of one value and hue, later ones before earlier ones. */
export function SceneDrawing({ shapes, aspect, ground, onShapes }: Props) {
  const [value, setValue] = useState(3.5);
  const [hue, setHue] = useState<number | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const own = chosen === null ? undefined : shapes[chosen];
  const look = own ? { value: own.value, hue: hueOf(own) } : { value, hue };
  const paint = (to: { value: number; hue: number | null }) => {
    setValue(to.value);
    setHue(to.hue);
    if (chosen !== null)
      onShapes(shapes.map((s, k) => (k === chosen ? { ...s, ...colour(to) } : s)));
  };
  const touch = (at: Place) => {
    const under = shapes.findLastIndex((shape) => holds(shape.points as [number, number][], at));
    setChosen(under < 0 ? null : under);
  };
  return (
    <div>
      <LineLayer
        onLine={(points) => {
          setChosen(null);
          onShapes([...shapes, { points: points.map(inside), ...colour({ value, hue }) }]);
        }}
        onTouch={touch}
      >
        <svg
          className={classes.scene}
          viewBox="0 0 1 1"
          preserveAspectRatio="none"
          style={{ aspectRatio: aspect, background: shown({ value: ground, a: 0, b: 0 }) }}
          role="img"
          aria-label={`The scene: ${shapes.length} shapes`}
        >
          {shapes.map((shape, k) => (
            <polygon
              key={`${k} ${shape.points.length} ${shape.points[0]}`}
              points={drawn(shape.points.map(([x, y]) => ({ x: x as number, y: y as number })))}
              fill={shown(shape)}
              data-lit={k === chosen}
            />
          ))}
        </svg>
      </LineLayer>
      <p className={classes.tones} role="group" aria-label="Value">
        {VALUES.map((v) => (
          <button
            key={v}
            type="button"
            aria-label={`Value ${v}`}
            aria-pressed={v === look.value}
            style={{ background: shown({ value: v, a: 0, b: 0 }) }}
            onClick={() => paint({ value: v, hue: look.hue })}
          />
        ))}
      </p>
      <p className={classes.tones} role="group" aria-label="Hue">
        {[null, ...TURNS.keys()].map((k) => (
          <button
            key={k ?? "grey"}
            type="button"
            aria-label={k === null ? "grey" : (HUES[k] ?? "")}
            aria-pressed={k === look.hue}
            style={{
              background: shown(colour({ value: Math.min(7, Math.max(4, look.value)), hue: k })),
            }}
            onClick={() => paint({ value: look.value, hue: k })}
          />
        ))}
      </p>
      <p>
        {own && chosen !== null ? (
          <button
            type="button"
            className="act"
            onClick={() => {
              setChosen(null);
              onShapes(shapes.filter((_, k) => k !== chosen));
            }}
          >
            take this shape away
          </button>
        ) : (
          <>
            Choose a value and draw round a shape; touch one to change it. Draw what is far first.
          </>
        )}
      </p>
    </div>
  );
}

type Tone = Pick<Shape, "value"> & { a: number; b: number };

function colour({ value, hue }: { value: number; hue: number | null }): Tone {
  const turn = ((hue === null ? 0 : (TURNS[hue] ?? 0)) * Math.PI) / 180;
  const chroma = hue === null ? 0 : CHROMA;
  const round = (n: number) => Math.round(10 * n) / 10;
  return { value, a: round(chroma * Math.cos(turn)), b: round(chroma * Math.sin(turn)) };
}

function hueOf({ a = 0, b = 0 }: Shape): number | null {
  if (Math.hypot(a, b) < CHROMA / 2) return null;
  const turn = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  const away = TURNS.map((t) => Math.min(Math.abs(t - turn), 360 - Math.abs(t - turn)));
  return away.indexOf(Math.min(...away));
}

/** A shape's colour on screen: lightness is ten times the value within a step. */
const shown = ({ value, a = 0, b = 0 }: { value: number; a?: number; b?: number }) =>
  `lab(${10 * value} ${a} ${b})`;

/** Near the frame means up to it: nobody wants a sliver of bare paper along the border. */
const toFrame = (n: number) => (n < FRAME ? 0 : n > 1 - FRAME ? 1 : n);
const inside = ({ x, y }: Place): [number, number] => [toFrame(x), toFrame(y)];

/** Whether a place lies inside a polygon: a ray from it crosses the outline an odd number of times. */
function holds(points: readonly [number, number][], { x, y }: Place): boolean {
  let odd = false;
  for (let k = 0, before = points.length - 1; k < points.length; before = k++) {
    const [ax, ay] = points[k] ?? [0, 0];
    const [bx, by] = points[before] ?? [0, 0];
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) odd = !odd;
  }
  return odd;
}
