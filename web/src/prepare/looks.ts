import { rounded, say } from "../words/say";
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
export type Doing = "look" | "crop" | "move" | "focus" | "light" | "dark" | "glint" | "relight";

/** What is said below the picture: what to do in it, or what it shows. */
export function captionOf(part: Part, doing: Doing, invented: number) {
  if (part === "measures") return say("looks-touch-places-picture");
  if (part === "transfer") return say("looks-outline-will-drawn");
  if (doing !== "look")
    return {
      crop: say("looks-drag-side-frame"),
      move: say("looks-drag-thing-where"),
      dark: say("looks-touch-where-dark"),
      glint: say("looks-touch-where-highlight"),
      focus: say("looks-touch-place-should"),
      light: say("looks-drag-way-light"),
      relight: say("looks-touch-where-new-light"),
    }[doing];
  return invented > 0
    ? say("looks-picture-arranged-invented", { invented: rounded(100 * invented, 1) })
    : say("looks-picture-arranged");
}
