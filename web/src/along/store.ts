import { type DBSchema, openDB } from "idb";
import type { Happened } from "../paint/outbox";

/** A piece as the easel needs it without the program: answers by their address, and files. */
export interface Bundle {
  piece: string;
  answers: Readonly<Record<string, unknown>>;
  files: Readonly<Record<string, Uint8Array>>;
}

/** An event that was logged on this device, and whether the program has it. */
export interface Logged {
  id: string;
  piece: string;
  event: Happened;
  sent: boolean;
}

interface Device extends DBSchema {
  bundles: { key: string; value: Bundle };
  events: { key: string; value: Logged; indexes: { piece: string } };
}

const open = () =>
  openDB<Device>("washboard", 1, {
    upgrade(device) {
      device.createObjectStore("bundles", { keyPath: "piece" });
      device.createObjectStore("events", { keyPath: "id" }).createIndex("piece", "piece");
    },
  });
let opened: ReturnType<typeof open> | undefined;

/** What is kept on this device; opened once. */
export function device(): ReturnType<typeof open> {
  opened ??= open();
  return opened;
}
