import { useCallback, useMemo } from "react";
import type { Pass, Plan } from "../api/client";
import { useLit } from "../parts/lit";
import { PixelCanvas } from "../parts/PixelCanvas";
import { type Tag, Tags } from "../parts/Tags";
import { say } from "../words/say";
import type { Maps } from "./lookup";
import { MarksLayer } from "./MarksLayer";
import classes from "./order.module.css";
import { drawWhere, endsOf, groundOf, litIn, rolesOf, seamsOf } from "./where";

interface Props {
  plan: Plan;
  done: Pass | undefined;
  maps: Maps;
  /** Whether the pass is hatched; what is lit shows in any case. */
  hatched: boolean;
}

/** Over the picture: where the pass is painted, where it stops, and what a name means. */
export function WhereLayer({ plan, done, maps, hatched }: Props) {
  const { lit } = useLit();
  const ground = useMemo(() => groundOf(maps, plan), [maps, plan]);
  const roles = useMemo(() => rolesOf(plan, hatched ? done : undefined), [plan, done, hatched]);
  const draw = useCallback(
    (pixels: Uint32Array) => {
      const seams = hatched ? seamsOf(done) : [];
      drawWhere(pixels, ground, { roles, ...litIn(plan, lit, seams) });
    },
    [ground, roles, plan, lit, hatched, done],
  );
  return (
    <div className={classes.where}>
      <PixelCanvas
        width={maps.width}
        height={maps.height}
        label={
          done && hatched ? say("where-layer-where-pass-painted") : say("where-layer-what-lit")
        }
        measure="where"
        clear
        draw={draw}
      />
      {hatched && done && <MarksLayer plan={plan} done={done} />}
      {hatched && done && <Figures plan={plan} done={done} maps={maps} owners={ground.owners} />}
    </div>
  );
}

interface FiguresProps {
  plan: Plan;
  done: Pass;
  maps: Maps;
  owners: Uint16Array;
}

/** Share of the picture from which there is room for a figure on a mass. */
const LEAST = 0.005;

/** How many coats go where, on the masses that take several. */
function coatsOf(plan: Plan, done: Pass): Tag[] {
  return (done.places?.coats ?? []).flatMap(([id, count]) => {
    const mass = plan.document.masses.find((one) => one.id === id);
    const [x, y] = mass?.inside ?? [];
    if (!mass || x === undefined || y === undefined || mass.share < LEAST) return [];
    return [{ x, y, text: say("where-layer-coats", { count }) }];
  });
}

/** The values at both ends of the gradation that the pass is told to lay, and how many coats go where. */
function Figures({ plan, done, maps, owners }: FiguresProps) {
  const places = useMemo(() => {
    const { masses } = plan.document;
    const largest = masses.find((mass) => mass.id === done.places?.graded);
    if (!largest) return [];
    const ends = endsOf(maps, owners, masses.indexOf(largest));
    return ends.flatMap((place, k) => {
      const value = largest.endValues?.[k];
      return value === undefined ? [] : [{ ...place, text: value.toFixed(1) }];
    });
  }, [plan, done, maps, owners]);
  return <Tags tags={[...places, ...coatsOf(plan, done)]} />;
}
