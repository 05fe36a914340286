import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { PaintDetail, Shelf } from "../api/client";
import { client, got, Problem } from "../api/client";

/** Lab of each field of a strip as it was read, or as far as it is typed. */
export type Read = Record<string, number[]>;

const FEWEST = 3;
const TURNS = 6;

/** The painter's swatches of a paint, from wherever they come, and the paint fitted to them. */
export function useCalibration(item: string, strip: PaintDetail["strip"]) {
  const [read, setRead] = useState<Read>({});
  const queries = useQueryClient();
  const path = { path: { key: item } };
  const fit = useMutation({
    mutationFn: async ({ given, keep }: { given: Read; keep: boolean }) => {
      const revision = queries.getQueryData<Shelf>(["shelf"])?.revision ?? 0;
      const body = { revision, read: given as Record<string, [number, number, number]>, keep };
      return got(await client.POST("/api/shelf/items/{key}/calibration", { params: path, body }));
    },
    onSuccess: (done) => done.shelf && queries.setQueryData(["shelf"], done.shelf),
  });
  const taken = (given: Read) => {
    setRead(given);
    const whole = complete(given);
    if (Object.keys(whole).length >= FEWEST) fit.mutate({ given: whole, keep: false });
  };
  const photo = useMutation({
    mutationFn: async (file: File) => {
      const body = new FormData();
      body.append("file", file);
      const given = { params: path, body: { file: "" }, bodySerializer: () => body };
      return got(await client.POST("/api/shelf/items/{key}/strip", given)).read;
    },
    onSuccess: taken,
  });
  const device = useMutation({
    mutationFn: async () => {
      const found: Read = {};
      for (const { key } of strip) found[key] = await reading(path, key);
      return found;
    },
    onSuccess: taken,
  });
  return {
    read,
    fit: fit.data,
    busy: device.isPending,
    photo: photo.mutate,
    device: () => device.mutate(),
    /** Type one channel of a field; `settle` fits once enough fields are whole. */
    type: (key: string, channel: number, to: number) => {
      const own = [...(read[key] ?? [Number.NaN, Number.NaN, Number.NaN])];
      own[channel] = to;
      setRead({ ...read, [key]: own });
    },
    settle: () => taken(read),
    keep: () => fit.mutate({ given: complete(read), keep: true }),
  };
}

/** The fields of which all three channels are there. */
export const complete = (read: Read): Read =>
  Object.fromEntries(
    Object.entries(read).filter(([, lab]) => lab.length === 3 && lab.every(Number.isFinite)),
  );

/** A field under the reader, held on again while it gives nothing. */
async function reading(params: { path: { key: string } }, field: string): Promise<number[]> {
  for (let turn = 0; ; turn++) {
    const body = { field, turn };
    try {
      return got(await client.POST("/api/shelf/items/{key}/reading", { params, body })).lab;
    } catch (error) {
      if (!(error instanceof Problem) || error.code !== "no-reading" || turn >= TURNS) throw error;
    }
  }
}
