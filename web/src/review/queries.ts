import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import type { Observation } from "../api/client";
import { client, got, problemOf } from "../api/client";

const params = (piece: string) => ({ params: { path: { piece } } });

/** The photos of a painting as they were read, the first first. */
export function useObservations(piece: string) {
  return useQuery({
    queryKey: ["observations", piece],
    queryFn: async () =>
      got<Observation[]>(await client.GET("/api/pieces/{piece}/observations", params(piece))),
  });
}

/** Read a photo, have the camera stand-in take one, or read one again by corners that were dragged. */
export function useReading(piece: string) {
  const queries = useQueryClient();
  const read = {
    onSuccess: () =>
      Promise.all(
        ["observations", "learning"].map((key) => queries.invalidateQueries({ queryKey: [key] })),
      ),
  };
  const photo = useMutation({
    mutationFn: async (file: File) => {
      const body = new FormData();
      body.append("file", file);
      const taken = new Date(file.lastModified || Date.now());
      body.append("at", taken.toISOString());
      const response = await fetch(`/api/pieces/${piece}/observations`, { method: "POST", body });
      const found = await response.json().catch(() => undefined);
      if (!response.ok) throw problemOf(found);
      return found as Observation;
    },
    ...read,
  });
  const camera = useMutation({
    mutationFn: async () =>
      got<Observation>(
        await client.POST("/api/pieces/{piece}/observations/camera", {
          ...params(piece),
          body: {},
        }),
      ),
    ...read,
  });
  const corners = useMutation({
    mutationFn: async ({ seen, corners }: { seen: string; corners: [number, number][] }) =>
      got<Observation>(
        await client.POST("/api/pieces/{piece}/observations/{seen}/corners", {
          params: { path: { piece, seen } },
          body: { corners },
        }),
      ),
    ...read,
  });
  return { photo, camera, corners };
}

/** The address of what was made of a photo. */
export const madeUrl = (piece: string, seen: Observation, name: string) =>
  `/api/pieces/${piece}/observations/${seen.id}/${name}`;
