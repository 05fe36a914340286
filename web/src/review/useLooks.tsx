import { Group, Kbd, UnstyledButton } from "@mantine/core";
import { useState } from "react";
import order from "../order/order.module.css";
import { useKeys } from "../parts/keys";
import { say } from "../words/say";

/** How painting and plan are looked at. */
export interface Looking {
  plan: boolean;
  values: boolean;
  squint: boolean;
}

/** The plan for as long as its key is held, values only, squint. */
export function useLooks() {
  const [now, setNow] = useState<Looking>({ plan: false, values: false, squint: false });
  const put = (more: Partial<Looking>) => setNow((before) => ({ ...before, ...more }));
  useKeys({
    c: (down) => put({ plan: down }),
    q: (down) => put({ squint: down }),
    v: (down) => down && setNow((before) => ({ ...before, values: !before.values })),
  });
  return { now, put };
}

/** The ways of looking, each with its key; plan and squint last as long as they are held. */
export function Looks({ looks: { now, put } }: { looks: ReturnType<typeof useLooks> }) {
  const held = (what: "plan" | "squint") => ({
    onPointerDown: () => put({ [what]: true }),
    onPointerUp: () => put({ [what]: false }),
    onPointerLeave: () => put({ [what]: false }),
    onKeyDown: (event: React.KeyboardEvent) => event.key === " " && put({ [what]: true }),
    onKeyUp: (event: React.KeyboardEvent) => event.key === " " && put({ [what]: false }),
  });
  return (
    <Group gap={6} wrap="nowrap" className={order.toggles}>
      <UnstyledButton aria-pressed={now.plan} {...held("plan")}>
        <Kbd>C</Kbd> {say("review-hold-plan")}
      </UnstyledButton>
      <UnstyledButton aria-pressed={now.values} onClick={() => put({ values: !now.values })}>
        <Kbd>V</Kbd> {say("toggles-values-only")}
      </UnstyledButton>
      <UnstyledButton aria-pressed={now.squint} {...held("squint")}>
        <Kbd>Q</Kbd> {say("toggles-squint")}
      </UnstyledButton>
    </Group>
  );
}
