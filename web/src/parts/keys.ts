import { useEffect, useRef } from "react";
import { say } from "../words/say";

/** Every key of the desk, listed once: shown by "?" and checked against the docs. */
export const KEYS = [
  { key: "ArrowLeft", shown: "←", does: say("keys-previous-pass"), letter: false },
  { key: "ArrowRight", shown: "→", does: say("keys-next-pass"), letter: false },
  { key: "ArrowUp", shown: "↑", does: say("keys-mass-area-before"), letter: false },
  { key: "ArrowDown", shown: "↓", does: say("keys-next-mass-area"), letter: false },
  { key: "q", shown: say("keys-hold-q"), does: say("keys-squint"), letter: true },
  { key: "c", shown: say("keys-hold-c"), does: say("keys-plan-beside"), letter: true },
  { key: "v", shown: "V", does: say("keys-values-only"), letter: true },
  { key: "r", shown: "R", does: say("keys-photo"), letter: true },
  { key: "o", shown: "O", does: say("keys-outlines"), letter: true },
  { key: "e", shown: "E", does: say("keys-edges"), letter: true },
  { key: "w", shown: "W", does: say("keys-where-pass-painted"), letter: true },
  { key: "h", shown: "H", does: say("keys-hand"), letter: true },
  { key: "band", shown: say("keys-to"), does: say("keys-one-band-alone"), letter: true },
  { key: "p", shown: "P", does: say("keys-play-passes"), letter: true },
  { key: "f", shown: "F", does: say("keys-weak-points"), letter: true },
  { key: "undo", shown: say("keys-ctrl-z"), does: say("keys-undo"), letter: false },
  { key: "redo", shown: say("keys-ctrl-shift-z"), does: say("keys-redo"), letter: false },
  { key: "?", shown: "?", does: say("keys-these-keys"), letter: false },
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
      const held = name === "q" || name === "c";
      if (event.type === "keydown" || held) event.preventDefault();
      if (event.type === "keyup" ? held : !event.repeat || !held)
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
