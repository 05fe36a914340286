import { client, got, Problem } from "../api/client";
import { held, sent } from "./outbox";

/** Send what waits of a piece. Returns what the program says of this device's clock, if that is wrong. */
export async function send(piece: string): Promise<string> {
  const waits = (await held(piece)).filter((one) => !one.sent);
  if (waits.length === 0) return "";
  const body = {
    events: waits.map((one) => ({ masses: [], ...one.event })),
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
