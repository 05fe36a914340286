import { Checkbox, Group } from "@mantine/core";
import { useState } from "react";
import type { Painter } from "../api/client";
import { Act } from "../parts/Act";
import { FilePick } from "../parts/FilePick";
import { NumberField } from "../parts/NumberField";
import { TextField } from "../parts/TextField";
import { rounded, say } from "../words/say";
import { useSayPainter, useSensor, useTakeCalendar } from "./queries";

interface Props {
  painter: Painter;
  piece: string;
}

/** When the painter has time, in words, and the air of the room; the sittings as a calendar file. */
export function FreeHours({ painter, piece }: Props) {
  const [open, setOpen] = useState(false);
  const [air, setAir] = useState(false);
  const saying = useSayPainter();
  const sensor = useSensor();
  const calendar = useTakeCalendar();
  return (
    <>
      <Group component="p" gap="4 18">
        <span>
          {painter.calendar
            ? say("free-hours-calendar", { name: painter.calendar })
            : painter.hoursSaid
              ? say("free-hours-free", { hours: painter.hours })
              : say("free-hours-assumed", { hours: painter.hours })}
        </span>
        <Act aria-expanded={open} onClick={() => setOpen(!open)}>
          {say("free-hours-your-hours")}
        </Act>
        <span>
          {say(painter.climateSaid ? "free-hours-air" : "free-hours-air-assumed", {
            celsius: rounded(painter.celsius, 0),
            humidity: rounded(painter.humidity, 0),
            pace: rounded(painter.pace, 1),
          })}
        </span>
        <Act aria-expanded={air} onClick={() => setAir(!air)}>
          {say("free-hours-your-room")}
        </Act>
        <a href={`/api/pieces/${piece}/sittings.ics`}>{say("free-hours-calendar-file")}</a>
      </Group>
      {open && (
        <Group gap={18} align="end">
          <TextField
            label={say("free-hours-when")}
            kept={painter.hoursSaid && !painter.calendar ? painter.hours : ""}
            onKeep={(hours) => saying.mutate({ hours })}
          />
          <FilePick
            words={say("free-hours-read-calendar")}
            label={say("free-hours-calendar-of-free")}
            accept=".ics,text/calendar"
            onFile={(file) => calendar.mutate(file)}
          />
        </Group>
      )}
      {air && (
        <Group gap={18} align="end">
          <NumberField
            key={`c${painter.celsius}`}
            label={say("free-hours-celsius")}
            kept={painter.celsius}
            needed
            onKeep={(celsius) => saying.mutateAsync({ celsius: celsius ?? undefined })}
          />
          <NumberField
            key={`h${painter.humidity}`}
            label={say("free-hours-humidity")}
            kept={painter.humidity}
            needed
            onKeep={(humidity) => saying.mutateAsync({ humidity: humidity ?? undefined })}
          />
          <Act onClick={() => sensor.mutate()}>{say("free-hours-read-sensor")}</Act>
          <Checkbox
            label={say("free-hours-left-handed")}
            checked={painter.leftHanded}
            onChange={(event) => saying.mutate({ leftHanded: event.currentTarget.checked })}
          />
        </Group>
      )}
    </>
  );
}
