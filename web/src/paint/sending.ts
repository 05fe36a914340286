import { client, got, Problem } from "../api/client";
import { type Happened, held, sent } from "./outbox";

/**
 * Send what waits of a piece, and events `besides` that this device could not keep. Returns what the program
 * says of this device's clock, if it is wrong.
 */
export async function send(piece: string, besides: readonly Happened[] = []): Promise<string> {
  const waits = (await held(piece).catch(() => [])).filter((one) => !one.sent);
  const events = [...waits.map((one) => one.event), ...besides];
  if (events.length === 0) return "";
  const body = {
    events: events.map((one) => ({ masses: [], ...one })),
    sentAt: new Date().toISOString(),
  };
  const params = { path: { piece } };
  const answer = got(await client.POST("/api/pieces/{piece}/log", { params, body }));
  await sent(waits);
  return answer.told;
}

/** Whether a problem is one of the way to the program: what was to be sent is right, and goes later. */
export const mayGoLater = (problem: unknown) =>
  !(problem instanceof Problem) || ["unreachable", "busy", "disk-full"].includes(problem.code);
