import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import type { Piece } from "../api/client";
import { client, got } from "../api/client";

/** Another try at a piece: a copy of it with all its settings, and nothing painted yet. */
export function useOneMore(piece: Piece) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  return useMutation({
    mutationFn: async () =>
      got<Piece>(
        await client.POST("/api/pieces/{piece}/copies", { params: { path: { piece: piece.id } } }),
      ),
    onSuccess: ({ id }) => {
      queries.invalidateQueries({ queryKey: ["wall"] });
      navigate(`/pieces/${id}/order`);
    },
  });
}
