import { useEffect, useRef } from "react";

/** Every key of the desk, listed once: shown by "?" and checked against the docs. */
export const KEYS = [
  { key: "ArrowLeft", shown: "←", does: "previous pass", letter: false },
  { key: "ArrowRight", shown: "→", does: "next pass", letter: false },
  { key: "ArrowUp", shown: "↑", does: "mass or area before", letter: false },
  { key: "ArrowDown", shown: "↓", does: "next mass or area", letter: false },
  { key: "q", shown: "hold Q", does: "squint", letter: true },
  { key: "v", shown: "V", does: "values only", letter: true },
  { key: "r", shown: "R", does: "reference", letter: true },
  { key: "o", shown: "O", does: "outlines", letter: true },
  { key: "w", shown: "W", does: "where the pass is painted", letter: true },
  { key: "band", shown: "1 to 9", does: "one band alone, 0 for all", letter: true },
  { key: "p", shown: "P", does: "play the passes", letter: true },
  { key: "f", shown: "F", does: "findings", letter: true },
  { key: "undo", shown: "Ctrl or ⌘ Z", does: "undo", letter: false },
  { key: "redo", shown: "Ctrl or ⌘ Shift Z", does: "redo", letter: false },
  { key: "?", shown: "?", does: "these keys", letter: false },
] as const;

export type Key = (typeof KEYS)[number]["key"];
/** Called with whether the key went down; a digit comes along where one names the key. */
export type Handlers = Partial<Record<Key, (down: boolean, digit?: number) => void>>;

const OFF = "washboard.letters-off";
export const lettersOff = () => localStorage.getItem(OFF) === "yes";
export const setLettersOff = (off: boolean) => localStorage.setItem(OFF, off ? "yes" : "no");

function typing(target: EventTarget | null): boolean {
  const element = target as HTMLElement | null;
  return !!element?.closest("input, select, textarea, [contenteditable=true]");
}

function named(event: KeyboardEvent): Key | undefined {
  if (event.ctrlKey || event.metaKey) {
    if (event.key.toLowerCase() !== "z") return undefined;
    return event.shiftKey ? "redo" : "undo";
  }
  if (event.altKey) return undefined;
  if (/^[0-9]$/.test(event.key)) return lettersOff() ? undefined : "band";
  const found = KEYS.find(({ key }) => key === event.key || key === event.key.toLowerCase());
  return found && !(found.letter && lettersOff()) ? found.key : undefined;
}

/** Listen to the desk's keys; none fires while typing, arrows not on a control that uses them. */
export function useKeys(handlers: Handlers) {
  const latest = useRef(handlers);
  latest.current = handlers;
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const name = typing(event.target) ? undefined : named(event);
      const handler = name && latest.current[name];
      const busy = (event.target as HTMLElement | null)?.closest?.("[data-arrows]");
      if (!handler || (name?.startsWith("Arrow") && busy)) return;
      if (event.type === "keydown" || name === "q") event.preventDefault();
      if (event.type === "keyup" ? name === "q" : !event.repeat || name !== "q")
        handler(event.type === "keydown", Number.parseInt(event.key, 10) || 0);
    };
    window.addEventListener("keydown", listen);
    window.addEventListener("keyup", listen);
    return () => {
      window.removeEventListener("keydown", listen);
      window.removeEventListener("keyup", listen);
    };
  }, []);
}
