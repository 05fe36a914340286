import { useEffect, useState } from "react";

export const SURROUNDS = ["light", "middle", "dark"] as const;
export type Surround = (typeof SURROUNDS)[number];
const KEPT = "washboard.surround";

function kept(): Surround {
  const found = localStorage.getItem(KEPT);
  return SURROUNDS.find((name) => name === found) ?? "light";
}

/** The grey around everything: light (value 8.5), middle (6) or dark (3); remembered. */
export function useSurround() {
  const [surround, setSurround] = useState<Surround>(kept);
  useEffect(() => {
    document.documentElement.dataset.surround = surround;
    localStorage.setItem(KEPT, surround);
  }, [surround]);
  return [surround, setSurround] as const;
}
