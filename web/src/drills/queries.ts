import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import type { Drill, DrillProgress, DrillTold } from "../api/client";
import { client, got, problemOf } from "../api/client";
import { now } from "../paint/outbox";

/** What is asked: one kind, one piece, the picture after one pass; all of it where nothing is said. */
export interface Wanted {
  kind?: string;
  piece?: string;
  row?: number;
}

/**
 * The question that is due, or the next pass to guess of one piece from the picture after one pass on; null where
 * there is nothing to ask; another for each turn.
 */
export function useDrill(wanted: Wanted, guessing: boolean, turn: number) {
  const { piece, row } = wanted;
  return useQuery({
    queryKey: ["drill", wanted, guessing, turn],
    queryFn: async (): Promise<Drill | null> => {
      const { data, error, response } =
        guessing && piece
          ? await client.GET("/api/drills/guess/{piece}", {
              params: { path: { piece }, query: { onward: row } },
            })
          : await client.GET("/api/drills/next", { params: { query: wanted } });
      if (response.status === 204) return null;
      if (!response.ok || !data) throw problemOf(error);
      return data as Drill;
    },
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
}

/** Answer a question; what was right comes back. */
export function useAnswer() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ drill, option }: { drill: Drill; option: number }) =>
      got<DrillTold>(
        await client.POST("/api/drills/answers", {
          body: { id: now("").id, piece: drill.piece, item: drill.item, option },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["drill-progress"] }),
  });
}

/** How one gets better, week by week. */
export function useProgress() {
  return useQuery({
    queryKey: ["drill-progress"],
    queryFn: async () => got<DrillProgress>(await client.GET("/api/drills/progress")),
  });
}
