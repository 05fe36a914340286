import type { Easel, Piece, Plan } from "../api/client";
import { device } from "./store";

/** Answers by their address, and files by theirs. */
type Answers = Readonly<Record<string, unknown>>;
type Files = Readonly<Record<string, Uint8Array>>;

/**
 * Keep a piece on this device, whole and at once, in place of what was kept of it before; what was logged
 * here and is in it need not be kept besides. False where the browser could not show it without the program.
 */
export async function takeAlong(
  piece: Piece,
  plan: Plan,
  easel: Easel,
  catalogue: unknown,
  files: Files,
): Promise<boolean> {
  const shows = await started();
  const known = new Set(easel.logged);
  const kept = await device();
  const writing = kept.transaction(["bundles", "events"], "readwrite", { durability: "strict" });
  const at = `/api/pieces/${piece.id}`;
  const answers: Answers = {
    [at]: piece,
    [`${at}/plan`]: plan,
    [`${at}/easel`]: easel,
    "/api/catalogue": catalogue,
  };
  if (shows) await writing.objectStore("bundles").put({ piece: piece.id, answers, files });
  const events = writing.objectStore("events");
  for (const one of await events.index("piece").getAll(piece.id))
    if (one.sent && known.has(one.id)) await events.delete(one.id);
  await writing.done;
  return shows;
}

/** Whether the worker that answers in the program's place is there. */
async function started(): Promise<boolean> {
  try {
    const registered = await navigator.serviceWorker.register("/worker.js");
    const coming = registered.installing ?? registered.waiting;
    if (!registered.active && !(coming && (await comes(coming)))) return false;
    await navigator.storage.persist();
    return true;
  } catch {
    return false;
  }
}

/** Whether a worker that is being installed gets to work. */
const comes = (worker: ServiceWorker) =>
  new Promise<boolean>((resolve) => {
    worker.onstatechange = () => {
      if (worker.state === "activated") resolve(true);
      if (worker.state === "redundant") resolve(false);
    };
  });
