import { useCallback, useMemo } from "react";
import type { Pass, Plan } from "../api/client";
import { useLit } from "../parts/lit";
import { PixelCanvas } from "../parts/PixelCanvas";
import { type Tag, Tags } from "../parts/Tags";
import { say } from "../words/say";
import type { Maps } from "./lookup";
import { MarksLayer } from "./MarksLayer";
import { ModellingLayer, modelledIn } from "./ModellingLayer";
import classes from "./order.module.css";
import { drawWhere, groundOf, litIn, rolesOf, seamsOf } from "./where";

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
  const modelled = modelledIn(plan, hatched ? done : undefined, lit.masses);
  return (
    <div className={classes.where} data-layer="where">
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
      {hatched && done && <MarksLayer plan={plan} done={done} lit={lit.families ?? []} />}
      <ModellingLayer plan={plan} masses={modelled} />
      {hatched && done && <Tags tags={coatsOf(plan, done)} />}
    </div>
  );
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
