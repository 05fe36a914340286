import { useMutation, useQuery } from "@tanstack/react-query";
import type { Reference } from "../api/client";
import { client, got } from "../api/client";
import { type Corner, Corners } from "../parts/Corners";
import { say } from "../words/say";

interface Props {
  reference: string;
  /** Called with the painting cut out of its photo. */
  onTake: (taken: Reference) => void;
  onLeave: () => void;
}

/** A photo of an older painting, from which the painting is cut out straight. */
export function Straighten({ reference, onTake, onLeave }: Props) {
  const params = { path: { content: reference } };
  const sheet = useQuery({
    queryKey: ["sheet", reference],
    queryFn: async () => got(await client.GET("/api/references/{content}/sheet", { params })),
  });
  const straighten = useMutation({
    mutationFn: async (corners: Corner[]) =>
      got(await client.POST("/api/references/{content}/straight", { params, body: { corners } })),
    onSuccess: onTake,
  });
  if (!sheet.data)
    return (
      <figure>
        <img src={`/api/references/${reference}/picture`} alt={say("new-piece-reference")} />
        <figcaption>{say("new-piece-straighten")}</figcaption>
      </figure>
    );
  return (
    <div>
      <Corners
        photo={`/api/references/${reference}/picture`}
        size={sheet.data.size as Corner}
        from={sheet.data.corners as Corner[]}
        words={say("new-piece-drag-corners")}
        busy={straighten.isPending}
        onTake={(corners) => straighten.mutate(corners)}
        onLeave={onLeave}
      />
    </div>
  );
}
