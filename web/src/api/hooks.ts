import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo } from "react";
import type {
  Orders,
  Piece,
  PieceUpdate,
  Plan,
  Prepared,
  Reference,
  Schools,
  WallStrip,
  Weakness,
} from "./client";
import { bytes, client, got, problemOf } from "./client";

export function useCatalogue() {
  return useQuery({
    queryKey: ["catalogue"],
    queryFn: async () => got(await client.GET("/api/catalogue")),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

const LOOK_AGAIN_MS = 1500;

/** The demo pieces that are not on the wall, and how they come back. */
export function useDemo() {
  const cache = useQueryClient();
  const missing = useQuery({
    queryKey: ["demo"],
    queryFn: async () => got<{ missing: string[] }>(await client.GET("/api/demo")),
  });
  const putBack = useMutation({
    mutationFn: async () => got<{ missing: string[] }>(await client.PUT("/api/demo")),
    onSuccess: () => {
      cache.invalidateQueries({ queryKey: ["demo"] });
      cache.invalidateQueries({ queryKey: ["wall"] });
    },
  });
  return { missing, putBack };
}

/** The studio wall by one request; looked at again while a plan is being worked out. */
export function useWall() {
  return useQuery({
    queryKey: ["wall"],
    queryFn: async () => got<WallStrip[]>(await client.GET("/api/wall")),
    refetchInterval: (query) =>
      query.state.data?.some((strip) => strip.standing === "running") ? LOOK_AGAIN_MS : false,
  });
}

export function usePiece(id: string) {
  return useQuery({
    queryKey: ["piece", id],
    queryFn: async () =>
      got<Piece>(await client.GET("/api/pieces/{piece}", { params: { path: { piece: id } } })),
  });
}

export function useBytes(url: string | null) {
  return useQuery({
    queryKey: ["bytes", url],
    queryFn: () => bytes(url ?? ""),
    enabled: url !== null,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  });
}

/** The address of the piece's picture or values as it arranges the reference; another for each arrangement. */
export function shownUrl(piece: string, plan: Plan, what: "picture" | "values", query = "") {
  return `/api/pieces/${piece}/${what}?of=${plan.view.media.labels}${query}`;
}

/** The address of the whole reference, before it is arranged, with what is borrowed on it. */
export const wholeUrl = (piece: string, plan: Plan) =>
  `/api/pieces/${piece}/picture?whole=true&of=${plan.view.media.areas}${plan.view.media.labels}`;

/** Everything settled before the first mark; asked anew when the piece changes. */
export function usePrepare(id: string, revision: number) {
  return useQuery({
    queryKey: ["prepare", id, revision],
    queryFn: async () =>
      got<Prepared>(
        await client.GET("/api/pieces/{piece}/prepare", { params: { path: { piece: id } } }),
      ),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
    retry: false,
  });
}

/** What weakens a plan; asked anew when the plan changes. */
export function useWeaknesses(id: string, plan: string, revision: number) {
  return useQuery({
    queryKey: ["findings", id, plan, revision],
    queryFn: async () =>
      got<{ findings: Weakness[] }>(
        await client.GET("/api/pieces/{piece}/findings", { params: { path: { piece: id } } }),
      ).findings,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
    retry: false,
  });
}

/** Every school for a piece, worked out when it is asked for. */
export function useSchools(id: string, revision: number, enabled: boolean) {
  return useQuery({
    queryKey: ["schools", id, revision],
    queryFn: async () =>
      got<Schools>(
        await client.GET("/api/pieces/{piece}/schools", { params: { path: { piece: id } } }),
      ),
    enabled,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
    retry: false,
  });
}

/** The kept orders of a piece and its present one with other aims, worked out when they are asked for. */
export function useOrders(id: string, revision: number, enabled: boolean) {
  return useQuery({
    queryKey: ["orders", id, revision],
    queryFn: async () =>
      got<Orders>(
        await client.GET("/api/pieces/{piece}/orders", { params: { path: { piece: id } } }),
      ),
    enabled,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
    retry: false,
  });
}

/** Schools of one's own: saved from the plan of a piece, or forgotten. */
export function useOwnSchools(id: string) {
  const queries = useQueryClient();
  // An answer still on its way was asked before the change: it is given up, or it would stand as the newest.
  const again = async () => {
    await queries.cancelQueries({ queryKey: ["schools"] });
    await queries.invalidateQueries({ queryKey: ["schools"] });
  };
  const save = useMutation({
    mutationFn: async (name: string) =>
      got(await client.POST("/api/own-schools", { body: { piece: id, name } })),
    onSuccess: again,
  });
  const forget = useMutation({
    mutationFn: async (key: string) => {
      const { error, response } = await client.DELETE("/api/own-schools", {
        params: { query: { key } },
      });
      if (!response.ok) throw problemOf(error);
    },
    onSuccess: again,
  });
  return { save: save.mutate, forget: forget.mutate };
}

/** A map of a plan with a number a pixel: of its masses, areas or stretches of border; null until it is there. */
export function useLabels(piece: string, plan: Plan, name: "labels" | "areas" | "edges") {
  const { media } = plan.view;
  const whole = name === "areas";
  const width = whole ? (plan.view.areaWidth ?? 0) : plan.view.width;
  const height = whole ? (plan.view.areaHeight ?? 0) : plan.view.height;
  const { data } = useBytes(`/api/pieces/${piece}/maps/${name}?${media[name]}`);
  return useMemo(() => {
    if (data?.length !== 2 * width * height) return null;
    return new Uint16Array(data.buffer as ArrayBuffer, data.byteOffset, width * height);
  }, [data, width, height]);
}

/** An edit: fields, or what they become of the piece as the edits before have left it. */
export type Change = Fields | ((piece: Piece) => Fields);
type Fields = Omit<PieceUpdate, "revision">;

/** Edit, undo and redo; a stale answer reloads the piece and is shown as the problem it is. */
export function useChanges(id: string, revision: number) {
  const queries = useQueryClient();
  const settle = {
    onSuccess: (piece: unknown) => {
      queries.setQueryData(["piece", id], piece);
      queries.invalidateQueries({ queryKey: ["wall"] });
    },
    onError: () => queries.invalidateQueries({ queryKey: ["piece", id] }),
  };
  const params = { path: { piece: id } };
  // One after the other, each at the revision that the one before has made: a quick hand is no conflict.
  const scope = { id: `piece ${id}` };
  const at = () => queries.getQueryData<Piece>(["piece", id])?.revision ?? revision;
  const edit = useMutation({
    mutationFn: async (change: Change) => {
      const now = queries.getQueryData<Piece>(["piece", id]);
      const fields = typeof change === "function" ? (now ? change(now) : {}) : change;
      const body = { ...fields, revision: at() };
      return got(await client.PATCH("/api/pieces/{piece}", { params, body }));
    },
    scope,
    ...settle,
  });
  const undo = useMutation({
    mutationFn: async () =>
      got(await client.POST("/api/pieces/{piece}/undo", { params, body: { revision: at() } })),
    scope,
    ...settle,
  });
  const redo = useMutation({
    mutationFn: async () =>
      got(await client.POST("/api/pieces/{piece}/redo", { params, body: { revision: at() } })),
    scope,
    ...settle,
  });
  return { edit, undo, redo };
}

/** Another tab may have changed the piece: look again whenever this one comes to the front. */
export function useFreshOnFocus(id: string) {
  const queries = useQueryClient();
  useEffect(() => {
    const look = () => queries.invalidateQueries({ queryKey: ["piece", id] });
    window.addEventListener("focus", look);
    return () => window.removeEventListener("focus", look);
  }, [id, queries]);
}

/** Takes a photo in; what cannot be used comes back as a Problem. */
export function useUpload(onTaken: (reference: Reference, file: File) => void) {
  return useMutation({
    mutationFn: async (file: File) => {
      const body = new FormData();
      body.append("file", file);
      const given = { body: { file: "" }, bodySerializer: () => body };
      return got(await client.POST("/api/references", given));
    },
    onSuccess: onTaken,
  });
}

export function useReference(hash: string) {
  return useQuery({
    queryKey: ["reference", hash],
    queryFn: async () =>
      got(await client.GET("/api/references/{content}", { params: { path: { content: hash } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
}
