import type { Sittings } from "../api/client";
import { clock, moment } from "../words/say";

export interface Ground {
  start: number;
  end: number;
  left: number;
  right: number;
  day: string;
  hours: string;
  /** Minutes until the next sitting begins. */
  gap: number;
  ticks: { x: number; hour: string }[];
  stints: Placed[];
}

export interface Placed {
  piece: string;
  pass: string;
  title: string;
  minutes: number;
  left: number;
  right: number;
  fills: boolean;
  lab: readonly number[];
}

const minute = (when: string) => new Date(when).getTime() / 60_000;
const DAY: Intl.DateTimeFormatOptions = { weekday: "long", day: "numeric", month: "short" };
const clockOf = (when: string) => clock(new Date(when));
/** Pixels between two sittings, whatever lies between. */
const BETWEEN = 66;

/** The first sittings laid out along `width` pixels: minutes to scale, what lies between cut short. */
export function grounds(sittings: Sittings["sittings"], width: number, most = 4): Ground[] {
  const shown = sittings.slice(0, most);
  const all = shown.reduce((sum, s) => sum + minute(s.end) - minute(s.start), 0);
  const scale = (width - BETWEEN * shown.length) / Math.max(all, 1);
  let x = BETWEEN / 2;
  return shown.map((sitting, k) => {
    const start = minute(sitting.start);
    const end = minute(sitting.end);
    const left = x;
    const at = (when: number) => left + (when - start) * scale;
    x = at(end) + BETWEEN;
    const next = sittings[k + 1];
    return {
      start,
      end,
      left,
      right: at(end),
      day: moment(new Date(sitting.start), DAY),
      hours: `${clockOf(sitting.start)}–${clockOf(sitting.end)}`,
      gap: next ? minute(next.start) - end : 0,
      ticks: hoursIn(sitting.start, sitting.end).map((when) => ({
        x: at(minute(when.toISOString())),
        hour: moment(when, { hour: "numeric" }).replace(/ Uhr$/, ""),
      })),
      stints: sitting.stints.map((stint) => ({
        piece: stint.piece,
        pass: stint.pass,
        title: stint.title,
        minutes: stint.minutes,
        left: at(minute(stint.start)),
        right: at(minute(stint.start) + stint.minutes),
        fills: stint.fills !== "",
        lab: stint.lab,
      })),
    };
  });
}

function hoursIn(start: string, end: string): Date[] {
  const found: Date[] = [];
  const when = new Date(start);
  when.setMinutes(0, 0, 0);
  for (; when.getTime() <= new Date(end).getTime(); when.setHours(when.getHours() + 1))
    if (when.getTime() >= new Date(start).getTime()) found.push(new Date(when));
  return found;
}

/** A ridge with rounded shoulders from `left` to `right`, standing on `base`. */
export function ridge(left: number, right: number, base: number, height: number): string {
  const wide = right - left;
  const slope = Math.min(6, wide / 4);
  return `M${left} ${base}C${left + slope} ${base} ${left + slope * 0.4} ${base - height} ${left + slope * 1.6} ${base - height}L${right - slope * 1.6} ${base - height}C${right - slope * 0.4} ${base - height} ${right - slope} ${base} ${right} ${base}Z`;
}
