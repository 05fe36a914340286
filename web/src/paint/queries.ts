import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import type { Logged } from "../along/store";
import type { Easel, Painter, Sittings } from "../api/client";
import { client, got, Problem, problemOf } from "../api/client";
import { tell } from "../parts/tell";
import { say } from "../words/say";
import { type Happened, held, keep, waiting } from "./outbox";
import { mayGoLater, send } from "./sending";

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
export function useSittings(id: string, plan: string, hours: unknown) {
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

/** Take the free hours from a calendar file. */
export function useTakeCalendar() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (file: File) => {
      const body = new FormData();
      body.append("file", file);
      const response = await fetch("/api/painter/calendar", { method: "PUT", body });
      if (!response.ok) throw problemOf(await response.json().catch(() => undefined));
    },
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

/** What was logged of a piece on this device and is not in what is kept of it; undefined until it is read. */
export function useHeld(id: string): readonly Logged[] | undefined {
  const found = useQuery({ queryKey: ["held", id], queryFn: () => held(id), retry: false });
  return found.data ?? (found.isError ? [] : undefined);
}

/**
 * Log what happened: it counts at once, is kept on this device, and sent from there as soon as it can be;
 * what waits to be sent goes along.
 */
export function useHappened(id: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (event: Happened) => {
      const keeping = keep(id, event);
      // What is being read still knows nothing of it.
      await queries.cancelQueries({ queryKey: ["held", id] });
      queries.setQueryData<Logged[]>(["held", id], await held(id));
      const kept = await keeping;
      try {
        const told = await send(id);
        if (told) tell(new Error(told));
      } catch (problem) {
        if (!kept) throw new Problem("not-kept", say("queries-not-kept"));
        if (!mayGoLater(problem)) throw problem;
      }
    },
    onSettled: () => loggedAnew(queries),
  });
}

const AGAIN = 15_000;

/** Send what waits on this device, of any piece, every now and then, until the program has it. */
export function useSending() {
  const queries = useQueryClient();
  useEffect(() => {
    const timer = setInterval(async () => {
      for (const piece of await waiting())
        await send(piece).then(
          () => loggedAnew(queries),
          () => undefined,
        );
    }, AGAIN);
    return () => clearInterval(timer);
  }, [queries]);
}

const loggedAnew = (queries: ReturnType<typeof useQueryClient>) =>
  Promise.all(
    ["easel", "log", "sittings", "held"].map((key) =>
      queries.invalidateQueries({ queryKey: [key] }),
    ),
  );
