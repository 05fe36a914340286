import { Group, Toggle } from "@mantine/core";
import { useState } from "react";
import type { Shape } from "../api/client";
import { say } from "../words/say";
import { Act } from "./Act";
import { drawn, LineLayer } from "./LineLayer";
import type { Place } from "./line";
import classes from "./parts.module.css";
import { type Brush, colour, HUES, holds, hueOf, inside, shown } from "./scene";

const VALUES = [0.5, 1.5, 2.5, 3.5, 4.5, 5.5, 6.5, 7.5, 8.5, 9.5];

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
  const paint = (to: Brush) => {
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
          aria-label={say("scene-drawing-scene-masses", { count: shapes.length })}
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
      <Tones
        label={say("scene-drawing-value")}
        tones={VALUES.map((v) => ({
          key: v,
          words: say("scene-drawing-value-b", { v }),
          fill: { value: v, hue: null },
        }))}
        chosen={look.value}
        onChoose={(v) => paint({ value: v, hue: look.hue })}
      />
      <Tones
        label={say("scene-drawing-hue")}
        tones={[null, ...HUES.keys()].map((hue) => ({
          key: hue,
          words: say(`scene-drawing-${hue === null ? "grey" : (HUES[hue] ?? "grey")}`),
          fill: { value: Math.min(7, Math.max(4, look.value)), hue },
        }))}
        chosen={look.hue}
        onChoose={(hue) => paint({ value: look.value, hue })}
      />
      {own ? (
        <Act
          onClick={() => {
            setChosen(null);
            onShapes(shapes.filter((_, k) => k !== chosen));
          }}
        >
          {say("scene-drawing-delete-mass")}
        </Act>
      ) : (
        <p>{say("scene-drawing-choose-value-draw")}</p>
      )}
    </div>
  );
}

interface TonesProps<K> {
  label: string;
  tones: { key: K; words: string; fill: Brush }[];
  chosen: K;
  onChoose: (key: K) => void;
}

/** A row of colours of which one is chosen. */
function Tones<K extends number | null>({ label, tones, chosen, onChoose }: TonesProps<K>) {
  return (
    <Group role="group" aria-label={label} gap={0} my={8}>
      {tones.map(({ key, words, fill }) => (
        <Toggle
          key={words}
          variant="colour"
          active={key === chosen}
          aria-label={words}
          style={{ background: shown(colour(fill)) }}
          onClick={() => onChoose(key)}
        />
      ))}
    </Group>
  );
}
