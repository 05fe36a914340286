import { useState } from "react";
import type { Place } from "../parts/line";
import type { Room } from "../pieces/PieceRoom";
import { arrangementOf, directionOf, toReference, withAccent, withMove } from "./arrangement";
import type { Doing } from "./looks";
import { lightAt, type Relight } from "./NewLight";

const [DARK, LIGHT] = [1.5, 9.5];
/** Shares of the picture: a drag shorter than these is a touch, or has no direction. */
const [TOUCH, AIM] = [0.01, 0.02];

/** What the next touch or drag in the picture does, and doing it; nothing unless `on`. */
export function useDoing({ plan, changes }: Room, on: boolean) {
  const [chosen, setChosen] = useState<Doing>("look");
  const [thing, setThing] = useState<Place | null>(null);
  const [trial, setTrial] = useState<Relight | null>(null);
  const doing = on ? chosen : "look";
  const act = (place: Place, by: Place) => {
    const at = toReference(plan.view, place);
    const far = Math.hypot(by.x, by.y);
    if (doing === "move" && far <= TOUCH) return setThing(at);
    if (doing === "light" && far > AIM) changes.edit.mutate({ light: directionOf(plan.view, by) });
    if (doing === "relight") setTrial(lightAt(at));
    if (doing === "focus") changes.edit.mutate({ focus: at });
    if (doing === "dark" || doing === "glint")
      changes.edit.mutate((now) => ({
        arrangement: withAccent(arrangementOf(now), at, doing === "dark" ? DARK : LIGHT),
      }));
    if (doing === "move") {
      const to = toReference(plan.view, { x: place.x + by.x, y: place.y + by.y });
      const move = { ...at, dx: to.x - at.x, dy: to.y - at.y };
      changes.edit.mutate((now) => ({ arrangement: withMove(arrangementOf(now), move) }));
    }
    if (doing !== "crop") setChosen("look");
  };
  const choose = (to: Doing) => {
    setChosen(to === chosen ? "look" : to);
    setThing(null);
  };
  return { doing, choose, act, thing, trial: on ? trial : null, setTrial };
}

export type Doings = ReturnType<typeof useDoing>;
