/** A colour as the server sends it, in Lab, for a style: the browser turns it into light. */
export const css = ([l, a, b]: readonly number[]) => `lab(${l} ${a} ${b})`;

/** Lab's own white, D50. */
const WHITE = [0.9642956764, 1, 0.8251046025] as const;
/** XYZ under D50 to linear sRGB, as CSS Color 4 has it (Bradford, then IEC 61966-2-1). */
const TO_SRGB = [
  [3.1341358529, -1.6173863336, -0.490660020665],
  [-0.978795502912, 1.9162543774, 0.0334427311613],
  [0.0719553798841, -0.228976826416, 1.40538605832],
] as const;
/** How much each of red, green and blue gives to luminance. */
const SHARES = [0.2126, 0.7152, 0.0722] as const;

/** Relative luminance (0–1) of a Lab colour as a screen shows it: a strong orange comes out darker than its L*. */
export function luminance([l = 0, a = 0, b = 0]: readonly number[]): number {
  const y = (l + 16) / 116;
  const xyz = [y + a / 500, y, y - b / 200].map((f, k) => linear(f) * (WHITE[k] ?? 1));
  const shown = TO_SRGB.map((row) => row.reduce((sum, share, k) => sum + share * (xyz[k] ?? 0), 0));
  return SHARES.reduce((sum, share, k) => sum + share * Math.min(1, Math.max(0, shown[k] ?? 0)), 0);
}

/** The inverse of the function f of CIE 15 that Lab is made with. */
const linear = (f: number) => (f > 6 / 29 ? f ** 3 : (f - 4 / 29) * 3 * (6 / 29) ** 2);

/** Luminance at which black and white ink stand out alike, by 4.58 to 1 (WCAG 2, relative luminance). */
const TURN = Math.sqrt(1.05 * 0.05) - 0.05;

/** Whether white ink stands out better than black on a Lab colour. */
export const takesWhite = (lab: readonly number[]) => luminance(lab) < TURN;

/** The ink, black or white, that stands out better on a colour written as `rgb(r g b)`, encoded sRGB of 0 to 255. */
export function inkOn(rgb: string): string {
  const light = (rgb.match(/\d+/g) ?? []).map((level) => decoded(Number(level) / 255));
  return SHARES.reduce((sum, share, k) => sum + share * (light[k] ?? 0), 0) < TURN
    ? "#fff"
    : "#000";
}

/** Encoded sRGB to linear light, both 0 to 1, by IEC 61966-2-1. */
const decoded = (v: number) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
