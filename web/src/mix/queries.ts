import { useQuery } from "@tanstack/react-query";
import { client, got } from "../api/client";

/** The recipe board: mixtures of every pass; asked anew when the piece changes. */
export function useBoard(id: string, revision: number) {
  return useQuery({
    queryKey: ["mix", id, revision],
    queryFn: async () =>
      got(await client.GET("/api/pieces/{piece}/mix", { params: { path: { piece: id } } })),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
    retry: false,
  });
}

/** Colours of all amounts of a few paints over a colour, to be looked up while the hand moves. */
export function useMixTable(id: string, paints: string[], over: number[], enabled: boolean) {
  const [lightness, a, b] = over;
  return useQuery({
    queryKey: ["mix table", id, paints, over],
    queryFn: async () =>
      got(
        await client.GET("/api/pieces/{piece}/mix/table", {
          params: { path: { piece: id }, query: { paint: paints, lightness, a, b } },
        }),
      ),
    enabled,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

export type Mixture = {
  parts: { paint: string; parts: number }[];
  load: number;
  target: number[];
  over: number[];
  seenValue?: number;
  warmer?: number;
};

/** A colour as the server takes it. */
function triple([lightness = 0, a = 0, b = 0]: number[]): [number, number, number] {
  return [lightness, a, b];
}

/** A mixture at its value otherwise, or, with what its test strip dried as, corrected. */
export function useWays(id: string, mixture: Mixture, enabled: boolean) {
  return useQuery({
    queryKey: ["ways", id, mixture],
    queryFn: async () => {
      const params = { path: { piece: id } };
      const given = { ...mixture, target: triple(mixture.target), over: triple(mixture.over) };
      const body = { warmer: 0, ...given };
      return got(await client.POST("/api/pieces/{piece}/mix/ways", { params, body })).ways;
    },
    enabled,
    staleTime: Number.POSITIVE_INFINITY,
  });
}
