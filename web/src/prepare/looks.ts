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

/** What the next touch or drag in the picture does. */
export type Doing = "look" | "crop" | "move" | "focus" | "light" | "dark" | "glint";
