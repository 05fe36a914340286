/** Minutes in words: 18 min, 2 h 05, 3 days. */
export function minutes(count: number): string {
  const whole = Math.round(count);
  if (whole < 100) return `${whole} min`;
  if (whole < 1440) return `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")}`;
  const days = (count / 1440).toFixed(count < 14400 ? 1 : 0).replace(/\.0$/, "");
  return `${days} day${days === "1" ? "" : "s"}`;
}

interface Timed {
  between: number;
  waitMinutes: number;
}

/** Minutes in and after a pass in which something dries. */
export const waiting = (done: Timed) => done.between + done.waitMinutes;

/** Minutes in a narrow place: 18′, 2h05, 3 d. */
export function shortMinutes(count: number): string {
  const whole = Math.round(count);
  if (whole < 100) return `${whole}′`;
  if (whole < 1440) return `${Math.floor(whole / 60)}h${String(whole % 60).padStart(2, "0")}`;
  return `${(count / 1440).toFixed(1)} d`;
}
