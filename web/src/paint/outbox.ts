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

/** What is being kept, or could not be and is sent from memory alone. */
const coming = new Map<string, Logged>();

/** What was logged of a piece on this device and is not known to be in what is kept of it. */
export async function held(piece: string): Promise<Logged[]> {
  // Read before what is kept: what comes there meanwhile is found in one of both.
  const here = [...coming.values()].filter((one) => one.piece === piece);
  const kept = await device()
    .then((own) => own.getAllFromIndex("events", "piece", piece))
    .catch(() => []);
  const found = new Map([...here, ...kept].map((one) => [one.id, one]));
  return [...found.values()].sort((one, other) => one.event.at.localeCompare(other.event.at));
}

/** Keep an event on this device: true once it is there, whatever comes; false where it cannot be kept. */
export async function keep(piece: string, event: Happened): Promise<boolean> {
  const own = { id: event.id, piece, event, sent: false };
  coming.set(event.id, own);
  try {
    const writing = (await device()).transaction("events", "readwrite", { durability: "strict" });
    await writing.store.put(own);
    await writing.done;
    coming.delete(event.id);
    return true;
  } catch {
    return false;
  }
}

/** Note that the program has these events. */
export async function sent(events: readonly Logged[]): Promise<void> {
  const kept = events.filter((one) => !coming.delete(one.id));
  if (kept.length === 0) return;
  const writing = (await device()).transaction("events", "readwrite");
  await Promise.all(kept.map((one) => writing.store.put({ ...one, sent: true })));
  await writing.done;
}

/** The pieces of which something was not sent yet. */
export async function waiting(): Promise<string[]> {
  const kept = await device()
    .then((own) => own.getAll("events"))
    .catch(() => []);
  const all = [...coming.values(), ...kept];
  return [...new Set(all.flatMap((one) => (one.sent ? [] : [one.piece])))];
}
