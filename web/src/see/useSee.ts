import { useCallback, useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { shownUrl, useBytes } from "../api/hooks";
import { useKeys } from "../parts/keys";
import type { Room } from "../pieces/PieceRoom";
import { ALL, type Alone, shownOf } from "./alone";
import { banded, useGreys, useShares } from "./bands";
import { LOOKS, type Look } from "./looks";
import { useDrawing } from "./useDrawing";
import { usePhotos } from "./usePhotos";
import { useWindows } from "./useWindows";

/** How far a look squints where the setting does not count: not at all, or as far as Q held down does. */
const [PLAIN, HELD] = [0, 2];

/** All that *See* shows and is asked: the look, what is chosen, what is dragged, and the pictures for it. */
export function useSee({ piece, plan, changes }: Room) {
  const [query, setQuery] = useSearchParams();
  const look = LOOKS.find((l) => l === query.get("look")) ?? "bands";
  const setLook = (to: Look) => setQuery({ look: to }, { replace: true });
  const [mass, setMass] = useState<string | null>(null);
  const drawing = useDrawing(changes);
  const [held, setHeld] = useState(false);
  const [alone, setAlone] = useState<Alone>(ALL);
  const [metres, setMetres] = useState(0);
  const [lining, setLining] = useState(false);
  const [dragged, setDragged] = useState<number[] | null>(null);
  const thresholds = dragged ?? plan.view.thresholds;
  const plain = look === "values" || look === "reference";
  const squint = held ? HELD : plain ? PLAIN : piece.settings.squint;
  const from = metres && look === "values" ? `&metres=${metres}` : `&squint=${squint}`;
  const values = useBytes(shownUrl(piece.id, plan, "values", from)).data;
  const greys = useGreys();
  const table = useMemo(() => banded(thresholds, greys), [thresholds, greys]);
  const shown = useMemo(
    () => shownOf(alone, plan, thresholds, mass),
    [alone, plan, thresholds, mass],
  );
  const drop = useCallback(
    (to: number[]) =>
      changes.edit.mutate({ thresholds: to }, { onSettled: () => setDragged(null) }),
    [changes.edit],
  );
  const step = (by: number) => {
    const areal = look === "areas";
    const order = (areal ? (plan.view.areas ?? []) : plan.document.masses).map(({ id }) => id);
    const at = order.indexOf((areal ? drawing.area : mass) ?? "");
    const next = order[(at + by + order.length) % order.length] ?? null;
    if (areal) drawing.setArea(next);
    else setMass(next);
  };
  const swap = (to: Look) => () => setLook(look === to ? "bands" : to);
  useKeys({
    q: setHeld,
    v: swap("values"),
    r: swap("reference"),
    o: swap("masses"),
    band: (_, digit) =>
      setAlone(digit && digit <= thresholds.length + 1 ? { kind: "band", band: digit - 1 } : ALL),
    ArrowUp: (down) => down && step(-1),
    ArrowDown: (down) => down && step(1),
  });
  return {
    look,
    setLook,
    /** Whether the squint is held down, over whatever look there is. */
    held,
    mass,
    setMass,
    drawing,
    photos: usePhotos(piece, changes),
    windows: useWindows(piece, look === "windows"),
    lining,
    setLining,
    alone,
    setAlone,
    metres,
    setMetres,
    thresholds,
    setDragged,
    drop,
    shares: useShares(plan.view.histogram, thresholds),
    values,
    table: look === "bands" && !held ? table : null,
    shown,
  };
}

export type Seeing = ReturnType<typeof useSee>;
