/** Something that happened at the easel, as it is sent. */
export interface Happened {
  id: string;
  at: string;
  kind: string;
  pass?: string;
  masses?: string[];
  what?: string;
  value?: number;
  words?: string;
}

/** An event of now, under an id of its own: sent twice it is kept once. */
export function now(kind: string, more: Partial<Happened> = {}): Happened {
  return { id: crypto.randomUUID(), at: new Date().toISOString(), kind, ...more };
}

const place = (piece: string) => `washboard.outbox.${piece}`;

/** What was not sent yet. What cannot be read is left where it is. */
export function held(piece: string): Happened[] {
  try {
    const kept = JSON.parse(localStorage.getItem(place(piece)) ?? "[]");
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
}

export function keep(piece: string, event: Happened) {
  localStorage.setItem(place(piece), JSON.stringify([...held(piece), event]));
}

/** Forget what the server has; what was logged meanwhile stays. */
export function sent(piece: string, events: readonly Happened[]) {
  const known = new Set(events.map((event) => event.id));
  const left = held(piece).filter((event) => !known.has(event.id));
  localStorage.setItem(place(piece), JSON.stringify(left));
}
