import { useCallback, useMemo } from "react";
import type { Pass, Piece, Plan } from "../api/client";
import { shownUrl, useBytes } from "../api/hooks";
import { drawn, LineLayer } from "../parts/LineLayer";
import type { Place } from "../parts/line";
import { PixelCanvas } from "../parts/PixelCanvas";
import { type Tag, Tags } from "../parts/Tags";
import { lookedUp, useGreys } from "../see/bands";
import { say } from "../words/say";
import { EdgesLayer } from "./EdgesLayer";
import finer from "./finer.module.css";
import { HandLayer } from "./HandLayer";
import { BYTES_A_PIXEL, type Maps, paint, unpacked } from "./lookup";
import classes from "./order.module.css";
import { WhereLayer } from "./WhereLayer";

export interface Looking {
  values: boolean;
  reference: boolean;
  squint: boolean;
  outlines: boolean;
  where: boolean;
  hand: boolean;
  edges?: boolean;
}

interface Props {
  piece: Piece;
  plan: Plan;
  pass: number;
  looking: Looking;
  tags: readonly Tag[];
  /** The mass under the pointer, null when it is off the picture. */
  onMass?: (mass: string | null) => void;
  /** A mass that was touched. */
  onTouch?: (mass: string) => void;
  /** Only these masses are hatched, not all of the pass. */
  only?: readonly string[] | undefined;
  /** The pass that is hatched, where it is not the one after which the picture is shown. */
  then?: Pass | undefined;
  /** Takes a line drawn on the picture, while one may be drawn. */
  onLine?: ((line: Place[]) => void) | undefined;
  /** Whether the line is an outline. */
  outlines?: boolean;
  /** A place that was drawn, which stays in sight. */
  place?: readonly Place[] | undefined;
  /** The stretch of border that is chosen, and who is told of another. */
  stretch?: number | null;
  onStretch?: (number: number | null) => void;
}

/** What is drawn on must be in sight. */
const intoView = (one: HTMLElement | null) => one?.scrollIntoView({ block: "nearest" });

/** The picture after the selected pass; never moves, and a step asks the server for nothing. */
export function Stage(props: Props) {
  const { piece, plan, pass, looking, tags, onMass, onTouch, only, onLine } = props;
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
  const draw = useCallback(
    (pixels: Uint32Array) => {
      if (looking.squint && squinted.data?.length === size)
        return lookedUp(pixels, squinted.data, greys);
      if (!maps) return false;
      paint(pixels, maps, plan.view, pass, looking.values);
      if (looking.outlines) outline(pixels, maps, plan);
    },
    [maps, plan, pass, looking, squinted.data, greys, size],
  );
  const whole = props.then ?? plan.document.passes[pass - 1];
  const done = useMemo(() => onlyOn(whole, only), [whole, only]);
  const massAt = (x: number, y: number) => {
    const patch = maps?.first[Math.floor(y * height) * width + Math.floor(x * width)];
    const index = patch === undefined ? -1 : (plan.view.patchMass[patch] ?? -1);
    return plan.document.masses[index]?.id ?? null;
  };
  return (
    <div className={classes.stage}>
      {looking.reference && !looking.squint ? (
        <img
          src={shownUrl(piece.id, plan, "picture")}
          width={width}
          height={height}
          alt={say("stage-reference")}
        />
      ) : (
        <PixelCanvas
          width={width}
          height={height}
          label={say(looking.values ? "stage-after-pass-values" : "stage-after-pass", { pass })}
          draw={draw}
          onPoint={(x, y) => onMass?.(massAt(x, y))}
          onLeave={() => onMass?.(null)}
          onPick={(x, y) => {
            const mass = massAt(x, y);
            if (mass) onTouch?.(mass);
          }}
        />
      )}
      {maps && looking.hand && !looking.squint && !looking.reference && (
        <HandLayer piece={piece} plan={plan} pass={pass} maps={maps} />
      )}
      {maps && !looking.squint && (
        <WhereLayer plan={plan} done={done} maps={maps} hatched={looking.where} />
      )}
      {looking.edges && !looking.squint && (
        <EdgesLayer
          piece={piece}
          plan={plan}
          pass={whole?.id}
          chosen={props.stretch ?? null}
          onChoose={(number) => props.onStretch?.(number)}
        />
      )}
      {tags.length > 0 && <Tags tags={tags} />}
      {props.place && <DrawnPlace place={props.place} />}
      {onLine && (
        <div className={finer.drawing} ref={intoView}>
          <LineLayer onLine={onLine}>
            <span>{props.outlines ? say("stage-draw-round") : say("stage-draw")}</span>
          </LineLayer>
        </div>
      )}
    </div>
  );
}

/** A place as it was drawn, over the picture. */
function DrawnPlace({ place }: { place: readonly Place[] }) {
  return (
    <svg
      className={finer.modelling}
      viewBox="0 0 1 1"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      {[0, 1].map((line) => (
        <path key={line} d={`M ${drawn(place).replaceAll(" ", " L ")}`} />
      ))}
    </svg>
  );
}

/** Draw the outlines of all masses. */
function outline(pixels: Uint32Array, maps: Maps, plan: Plan): void {
  const { first, width, height } = maps;
  const owner = plan.view.patchMass;
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const i = y * width + x;
      const own = owner[first[i] as number];
      if (own !== owner[first[i + 1] as number] || own !== owner[first[i + width] as number])
        pixels[i] = 0xff141414;
    }
}

/** A pass as if it were painted on these masses alone. */
function onlyOn(done: Pass | undefined, only: readonly string[] | undefined) {
  if (!done || !only) return done;
  const graded = only.find((mass) => mass === done.places?.graded);
  const places = { ...done.places, painted: [...only], across: [], round: [], graded };
  return { ...done, places } as Pass;
}
