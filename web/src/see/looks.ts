/** The ways of looking at a reference, as the address names them. */
export const LOOKS = [
  "reference",
  "values",
  "bands",
  "masses",
  "areas",
  "edges",
  "windows",
] as const;
export type Look = (typeof LOOKS)[number];
