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

/** What is said below the picture: what to do in it, or what it shows. */
export function captionOf(part: Part, doing: Doing, invented: number) {
  if (part === "measures") return "Touch places in the picture to measure between them";
  if (part === "transfer") return "The outline as it will be drawn";
  if (doing !== "look")
    return {
      crop: "Drag a side of the frame: the whole reference shows",
      move: "Drag a thing to where it should stand, or touch it to scale it",
      dark: "Touch where a dark accent should stand",
      glint: "Touch where a highlight should stand",
      focus: "Touch the place that should lead",
      light: "Drag the way the light falls",
    }[doing];
  return invented > 0
    ? `The picture as arranged; ${(100 * invented).toFixed(1)} % of it is invented`
    : "The picture as it is arranged";
}
