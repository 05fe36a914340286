import { Notification } from "@mantine/core";
import type { ReactNode } from "react";

/** Where something should stand that could not be had: what went wrong, what was kept, what to do. */
export function ProblemNote({ children }: { children: ReactNode }) {
  return <Notification withCloseButton={false}>{children}</Notification>;
}
