import { moment, rounded, say } from "../words/say";
/** Minutes in words: 18 min, 2 h 05, 3 days. */
export function minutes(count: number): string {
  const whole = Math.round(count);
  if (whole < 100) return say("time-minutes", { minutes: whole });
  if (whole < 1440) return say("time-hours", hours(whole));
  return say("time-days", { days: Number((count / 1440).toFixed(count < 14400 ? 1 : 0)) });
}

interface Timed {
  between: number;
  waitMinutes: number;
}

/** Minutes in and after a pass in which something dries. */
export const waiting = (done: Timed) => done.between + done.waitMinutes;

const hours = (whole: number) => ({
  hours: Math.floor(whole / 60),
  minutes: String(whole % 60).padStart(2, "0"),
});

/** Minutes in a narrow place: 18′, 2h05, 3 d. */
export function shortMinutes(count: number): string {
  const whole = Math.round(count);
  if (whole < 100) return say("time-short-minutes", { minutes: whole });
  if (whole < 1440) return say("time-short-hours", hours(whole));
  return say("time-short-days", { days: rounded(count / 1440, 1) });
}

const DATED: Intl.DateTimeFormatOptions = {
  day: "numeric",
  month: "short",
  hour: "2-digit",
  minute: "2-digit",
};

/** Day and time of a moment, without the year. */
export const dated = (when: string) => moment(new Date(when), DATED);

/** The day of a moment, without the year. */
export const day = (when: string) => moment(new Date(when), { day: "numeric", month: "short" });
