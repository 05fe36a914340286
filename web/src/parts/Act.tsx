import { Anchor, type AnchorProps } from "@mantine/core";
import type { ComponentPropsWithoutRef } from "react";

type Props = AnchorProps & Omit<ComponentPropsWithoutRef<"button">, keyof AnchorProps>;

/** Something to do, said in words within a line of text or beside it. */
export function Act(props: Props) {
  return <Anchor component="button" type="button" {...props} />;
}
