import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import type { Easel, Painter, Sittings } from "../api/client";
import { client, got } from "../api/client";
import { type Happened, held, keep, sent } from "./outbox";

/** A piece from now on, with steps and piles; asked anew when it changes or something is logged. */
export function useEasel(id: string, plan: string | undefined) {
  return useQuery({
    queryKey: ["easel", id, plan],
    queryFn: async () =>
      got<Easel>(
        await client.GET("/api/pieces/{piece}/easel", { params: { path: { piece: id } } }),
      ),
    enabled: plan !== undefined,
    placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
    retry: false,
  });
}

/** The sittings ahead in the painter's free hours. */
export function useSittings(id: string, plan: string, hours: string | undefined) {
  return useQuery({
    queryKey: ["sittings", id, plan, hours],
    queryFn: async () =>
      got<Sittings>(
        await client.GET("/api/pieces/{piece}/sittings", { params: { path: { piece: id } } }),
      ),
    enabled: hours !== undefined,
    placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
    retry: false,
  });
}

export function usePainter() {
  return useQuery({
    queryKey: ["painter"],
    queryFn: async () => got<Painter>(await client.GET("/api/painter")),
  });
}

/** Say free hours, or which hand, anew. */
export function useSayPainter() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (body: Partial<Painter>) =>
      got<Painter>(await client.PATCH("/api/painter", { body })),
    onSuccess: () => saidAnew(queries),
  });
}

/** Ask the climate sensor for the air at the easel. */
export function useSensor() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => got<Painter>(await client.POST("/api/painter/climate")),
    onSuccess: () => saidAnew(queries),
  });
}

const saidAnew = (queries: ReturnType<typeof useQueryClient>) =>
  Promise.all(
    ["painter", "easel", "sittings"].map((key) => queries.invalidateQueries({ queryKey: [key] })),
  );

/** Everything that was logged of a piece. */
export function useLog(id: string) {
  return useQuery({
    queryKey: ["log", id],
    queryFn: async () =>
      got(await client.GET("/api/pieces/{piece}/log", { params: { path: { piece: id } } })).events,
  });
}

/**
 * Log what happened: it is kept on this device first, and sent from there until the server has it.
 * What waits to be sent is sent along.
 */
export function useHappened(id: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (event: Happened | null) => {
      if (event) keep(id, event);
      const events = held(id);
      if (events.length === 0) return 0;
      const params = { path: { piece: id } };
      const body = { events: events.map((one) => ({ masses: [], ...one })) };
      const answer = got(await client.POST("/api/pieces/{piece}/log", { params, body }));
      sent(id, events);
      return answer.new;
    },
    networkMode: "always",
    onSuccess: () =>
      Promise.all(
        ["easel", "log", "sittings"].map((key) => queries.invalidateQueries({ queryKey: [key] })),
      ),
  });
}
