/** The parts of Prepare, as the address names them. */
export const PARTS = [
  "ground",
  "composition",
  "measures",
  "transfer",
  "palette",
  "intent",
] as const;
export type Part = (typeof PARTS)[number];
