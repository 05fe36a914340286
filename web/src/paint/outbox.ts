import { device, type Logged } from "../along/store";

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
  return { id: newId(), at: new Date().toISOString(), kind, ...more };
}

/** A random id, also where the page did not come by a safe way and the browser makes none itself. */
function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
}

/** What was logged of a piece on this device and is not known to be in what is kept of it. */
export async function held(piece: string): Promise<Logged[]> {
  const found = await (await device()).getAllFromIndex("events", "piece", piece);
  return found.sort((one, other) => one.event.at.localeCompare(other.event.at));
}

/** Keep an event on this device; it is there, whatever comes, once this is through. */
export async function keep(piece: string, event: Happened): Promise<void> {
  const writing = (await device()).transaction("events", "readwrite", { durability: "strict" });
  await writing.store.put({ id: event.id, piece, event, sent: false });
  await writing.done;
}

/** Note that the program has these events. */
export async function sent(events: readonly Logged[]): Promise<void> {
  const writing = (await device()).transaction("events", "readwrite");
  await Promise.all(events.map((one) => writing.store.put({ ...one, sent: true })));
  await writing.done;
}

/** The pieces of which something was not sent yet. */
export async function waiting(): Promise<string[]> {
  const all = await (await device()).getAll("events");
  return [...new Set(all.flatMap((one) => (one.sent ? [] : [one.piece])))];
}
