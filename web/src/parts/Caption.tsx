import { Group } from "@mantine/core";
import type { ReactNode } from "react";
import classes from "./parts.module.css";

/** The line below a picture: what it shows at the left, what can be chosen or is known at the right. */
export function Caption({ children }: { children: ReactNode }) {
  return (
    <Group
      className={classes.caption}
      justify="space-between"
      align="baseline"
      gap="4 16"
      pt={6}
      pb="md"
      fz="sm"
    >
      {children}
    </Group>
  );
}
