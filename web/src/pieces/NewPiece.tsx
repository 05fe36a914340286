import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import type { PieceCreate, Shape } from "../api/client";
import { client, got } from "../api/client";
import { Act } from "../parts/Act";
import { Frame, HOME } from "../parts/Frame";
import columns from "../parts/parts.module.css";
import { SceneDrawing } from "../parts/SceneDrawing";
import { say } from "../words/say";
import { Decisions } from "./Decisions";
import { Straighten } from "./Straighten";

/** Three decisions: with what, on what, how large. */
export function NewPiece() {
  const [query, setQuery] = useSearchParams();
  const reference = query.get("reference") ?? "";
  const create = useCreate();
  const [aspect, setAspect] = useState(1.5);
  const [shapes, setShapes] = useState<Shape[]>([]);
  const [sheet, setSheet] = useState(1.5);
  const [bent, setBent] = useState(false);
  return (
    <Frame name="Washboard" stages={HOME}>
      <main className={columns.columns}>
        {bent ? (
          <Straighten
            reference={reference}
            onTake={({ hash }) => {
              setBent(false);
              setQuery((before) => ({ ...Object.fromEntries(before), reference: hash }));
            }}
            onLeave={() => setBent(false)}
          />
        ) : reference ? (
          <div>
            <img
              src={`/api/references/${reference}/picture`}
              alt={say("new-piece-reference")}
              onLoad={(event) =>
                setAspect(event.currentTarget.naturalWidth / event.currentTarget.naturalHeight)
              }
            />
            <p>
              <Act onClick={() => setBent(true)}>{say("new-piece-is-painting")}</Act>
            </p>
          </div>
        ) : (
          <SceneDrawing shapes={shapes} aspect={sheet} ground={9.5} onShapes={setShapes} />
        )}
        <Decisions
          key={aspect}
          aspect={aspect}
          name={query.get("name") || "Untitled"}
          busy={create.isPending || (!reference && shapes.length === 0)}
          onSheet={setSheet}
          onDecide={(given) =>
            create.mutate({ ...given, ...(reference ? { reference } : { shapes }) })
          }
        />
      </main>
    </Frame>
  );
}

function useCreate() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (body: PieceCreate) => got(await client.POST("/api/pieces", { body })),
    onSuccess: (piece) => {
      queries.invalidateQueries({ queryKey: ["wall"] });
      navigate(`/pieces/${piece.id}/order`);
    },
  });
}
