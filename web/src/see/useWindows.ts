import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { type Comparison, client, got, type Piece, type Window } from "../api/client";
import type { Place } from "../parts/line";

const FIRST: Window = { x: 0.33, y: 0.4, half: 0.015, source: "reference" };
const SECOND: Window = { x: 0.67, y: 0.6, half: 0.015, source: "reference" };

export type Which = "one" | "other";

/** Two windows on a piece and what they tell; asked anew when one comes to rest. */
export function useWindows(piece: Piece, on: boolean) {
  const [windows, setWindows] = useState({ one: FIRST, other: SECOND });
  const [line, setLine] = useState<[Place, Place] | null>(null);
  const asked = { ...windows, line };
  const found = useQuery<Comparison>({
    queryKey: ["compare", piece.id, piece.revision, asked],
    queryFn: async () =>
      got<Comparison>(
        await client.POST("/api/pieces/{piece}/compare", {
          params: { path: { piece: piece.id } },
          body: asked,
        }),
      ),
    enabled: on,
    placeholderData: (before) => before,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  const change = (which: Which, to: Partial<Window>) =>
    setWindows((now) => ({ ...now, [which]: { ...now[which], ...to } }));
  return { windows, change, line, setLine, found: found.data, problem: found.error };
}
