import { useEffect, useState } from "react";
import type { Easel, Piece, Plan } from "../api/client";
import { useBytes, useCatalogue } from "../api/hooks";
import { BYTES_A_PIXEL } from "../order/lookup";
import { takeAlong } from "./taking";

export type Along = "being-kept" | "kept" | "not-kept";

/** Keep a piece on this device as it is at the easel now, and again whenever that changes. */
export function useAlong(piece: Piece, plan: Plan, easel: Easel): Along {
  const { width, height, media } = plan.view;
  const addresses = [
    `/api/pieces/${piece.id}/maps/maps?${media.maps}`,
    media.hand ? `/api/pieces/${piece.id}/maps/hand?${media.hand}` : null,
  ];
  const maps = useBytes(addresses[0] ?? null).data;
  const hand = useBytes(addresses[1] ?? null).data;
  const catalogue = useCatalogue().data;
  const [along, setAlong] = useState<Along>("being-kept");
  const whole =
    maps?.length === BYTES_A_PIXEL * width * height &&
    (!addresses[1] || hand?.length === width * height);
  useEffect(() => {
    if (!whole || !maps || !catalogue || easel.plan !== plan.key) return;
    const files = {
      [addresses[0] ?? ""]: maps,
      ...(addresses[1] && hand ? { [addresses[1]]: hand } : {}),
    };
    takeAlong(piece, plan, easel, catalogue, files).then(
      (kept) => setAlong(kept ? "kept" : "not-kept"),
      () => setAlong("not-kept"),
    );
  }, [piece, plan, easel, catalogue, whole, maps, hand, addresses[0], addresses[1]]);
  return along;
}
