import { useCallback, useEffect, useRef, useState } from "react";
import { useSearchParams } from "react-router";
import { useKeys } from "../parts/keys";
import type { Place } from "../parts/line";
import { useLit } from "../parts/lit";
import type { Room } from "../pieces/PieceRoom";
import { usePart } from "./Below";
import { rowsOf } from "./rows";
import type { Looking } from "./Stage";
import { useMove } from "./useMove";

/** Milliseconds that each pass stays while they are played. */
const PACE = 900;

/** All that *Order* shows and is asked: the pass and mass at hand, how the picture is looked at, the keys. */
export function useOrder({ piece, plan, changes }: Room) {
  const passes = plan.document.passes;
  const { pass, go, walk } = usePass(passes.length);
  const { part, turn } = usePart();
  const [query] = useSearchParams();
  const { lit, light } = useLit();
  const mass = lit.masses.length === 1 ? (lit.masses[0] ?? null) : null;
  const setMass = useCallback(
    (id: string | null) => light(id === null ? null : { masses: [id], edges: [] }),
    [light],
  );
  const [looking, setLooking] = useState<Looking>({
    values: query.get("look") === "values",
    reference: query.get("look") === "reference",
    squint: false,
    outlines: false,
    where: true,
    hand: true,
    edges: query.get("look") === "edges",
  });
  const [stretch, setStretch] = useState<number | null>(null);
  const placing = usePlacing();
  const [playing, setPlaying] = useState(false);
  const toggle = (what: keyof Looking) => setLooking((now) => ({ ...now, [what]: !now[what] }));
  const squint = (on: boolean) => setLooking((now) => ({ ...now, squint: on }));
  const step = (by: number) => {
    const order = rowsOf(plan, true).map((row) => row.id);
    const at = mass ? order.indexOf(mass) : -1;
    setMass(order[(at + by + order.length) % order.length] ?? null);
  };
  useKeys({
    ArrowLeft: (down) => down && walk(-1),
    ArrowRight: (down) => down && walk(1),
    ArrowUp: (down) => down && step(-1),
    ArrowDown: (down) => down && step(1),
    q: squint,
    v: () => toggle("values"),
    r: () => toggle("reference"),
    o: () => toggle("outlines"),
    w: () => toggle("where"),
    h: () => toggle("hand"),
    e: () => toggle("edges"),
    p: () => setPlaying((now) => !now),
    f: () => turn("findings"),
  });
  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => (pass < passes.length ? go(pass + 1) : setPlaying(false)), PACE);
    return () => clearTimeout(timer);
  }, [playing, pass, passes.length, go]);
  const move = useMove(piece, plan, changes);
  return {
    ...{ pass, go, part, turn, mass, setMass, looking, toggle, squint, move },
    ...{ stretch, setStretch, placing },
  };
}

/** A place that is drawn for a pass of one's own: along a stroke, or within an outline. */
function usePlacing() {
  const [drawing, setDrawing] = useState<"stroke" | "outline" | null>(null);
  const [place, setPlace] = useState<{ points: Place[]; outline: boolean } | null>(null);
  const draw = (points: Place[]) => {
    setPlace({ points, outline: drawing === "outline" });
    setDrawing(null);
  };
  return { drawing, setDrawing, place, draw, forget: () => setPlace(null) };
}

export type Placing = ReturnType<typeof usePlacing>;

export type Ordering = ReturnType<typeof useOrder>;

/** The pass at hand, 0 before the first: in the address. */
function usePass(count: number) {
  const [query, setQuery] = useSearchParams();
  const given = Number.parseInt(query.get("pass") ?? "", 10);
  const inside = (to: number) => Math.min(count, Math.max(0, to));
  const pass = Number.isNaN(given) ? count : inside(given);
  const go = useCallback(
    (to: number) =>
      setQuery(
        (before) => {
          before.set("pass", String(Math.min(count, Math.max(0, to))));
          return before;
        },
        { replace: true },
      ),
    [count, setQuery],
  );
  // Two quick presses must be two steps, though the address follows a moment later.
  const at = useRef(pass);
  at.current = pass;
  const walk = (by: number) => {
    at.current = inside(at.current + by);
    go(at.current);
  };
  return { pass, go, walk };
}
