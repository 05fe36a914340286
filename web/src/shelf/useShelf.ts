import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import type { Shelf, ShelfGiven } from "../api/client";
import { client, got } from "../api/client";

export function useShelf() {
  return useQuery({
    queryKey: ["shelf"],
    queryFn: async () => got(await client.GET("/api/shelf")),
  });
}

/** Everything that a thing on the shelf can be like. */
export function useListed() {
  return useQuery({
    queryKey: ["listed"],
    queryFn: async () => got(await client.GET("/api/shelf/listed")),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** How a paint looks by a lamp; asked anew when the shelf changes. */
export function usePaintDetail(key: string, revision: number, lamp: string) {
  return useQuery({
    queryKey: ["paint", key, revision, lamp],
    queryFn: async () =>
      got(
        await client.GET("/api/shelf/items/{key}/look", {
          params: { path: { key }, query: { lamp } },
        }),
      ),
    placeholderData: (before, query) => (query?.queryKey[1] === key ? before : undefined),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

export type Told = { name?: string; set?: string; left?: number | null; note?: string };

/** Changes of the shelf, one after the other, each at the revision that the one before has made. */
export function useShelfChanges() {
  const queries = useQueryClient();
  const revision = () => queries.getQueryData<Shelf>(["shelf"])?.revision ?? 0;
  const settle = {
    onSuccess: (shelf: Shelf) => queries.setQueryData(["shelf"], shelf),
    onError: () => queries.invalidateQueries({ queryKey: ["shelf"] }),
  };
  const scope = { id: "shelf" };
  const add = useMutation({
    mutationFn: async (items: ShelfGiven[]) => {
      const body = { revision: revision(), items };
      return got(await client.POST("/api/shelf/items", { body }));
    },
    scope,
    ...settle,
  });
  const change = useMutation({
    mutationFn: async ({ key, told }: { key: string; told: Told }) => {
      const body = { ...told, revision: revision() };
      return got(await client.PATCH("/api/shelf/items/{key}", { params: { path: { key } }, body }));
    },
    scope,
    ...settle,
  });
  const remove = useMutation({
    mutationFn: async (key: string) => {
      const params = { path: { key }, query: { revision: revision() } };
      return got(await client.DELETE("/api/shelf/items/{key}", { params }));
    },
    scope,
    ...settle,
  });
  const step = useMutation({
    mutationFn: async (way: "undo" | "redo") => {
      const body = { revision: revision() };
      return got(await client.POST(`/api/shelf/${way}`, { body }));
    },
    scope,
    ...settle,
  });
  const take = useMutation({
    mutationFn: async (file: File) => {
      const body = new FormData();
      body.append("file", file);
      body.append("revision", String(revision()));
      const given = { body: { file: "", revision: 0 }, bodySerializer: () => body };
      return got(await client.POST("/api/shelf/import", given));
    },
    scope,
    onSuccess: (done) => queries.setQueryData(["shelf"], done.shelf),
    onError: settle.onError,
  });
  return { add, change, remove, step, take };
}
