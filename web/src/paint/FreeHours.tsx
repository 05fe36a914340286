import { Group } from "@mantine/core";
import { useState } from "react";
import type { Painter } from "../api/client";
import { Act } from "../parts/Act";
import { TextField } from "../parts/TextField";
import { say } from "../words/say";
import { useSayPainter } from "./queries";

interface Props {
  painter: Painter;
  piece: string;
}

/** When the painter has time, in words; the sittings as a calendar file. */
export function FreeHours({ painter, piece }: Props) {
  const [open, setOpen] = useState(false);
  const saying = useSayPainter();
  return (
    <>
      <Group component="p" gap="4 18">
        <span>
          {painter.hoursSaid
            ? say("free-hours-free", { hours: painter.hours })
            : say("free-hours-assumed", { hours: painter.hours })}
        </span>
        <Act aria-expanded={open} onClick={() => setOpen(!open)}>
          {say("free-hours-your-hours")}
        </Act>
        <a href={`/api/pieces/${piece}/sittings.ics`}>{say("free-hours-calendar-file")}</a>
      </Group>
      {open && (
        <TextField
          label={say("free-hours-when")}
          kept={painter.hoursSaid ? painter.hours : ""}
          onKeep={(hours) => saying.mutate({ hours })}
        />
      )}
    </>
  );
}
