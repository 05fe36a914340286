import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Calibration as Fit, PaintDetail, Shelf, ShelfItem } from "../api/client";
import { client, got, Problem } from "../api/client";
import { css } from "../parts/colour";
import { FilePick } from "../parts/FilePick";
import { ProblemNote } from "../parts/Problem";
import classes from "./shelf.module.css";

type Read = Record<string, number[]>;
const FEWEST = 3;
const TURNS = 6;

interface Props {
  item: ShelfItem;
  strip: PaintDetail["strip"];
  reader: string;
}

/** The painter's own swatches: typed, off a photo or file, or held under the reader; fitted, then kept. */
export function Calibration({ item, strip, reader }: Props) {
  const [read, setRead] = useState<Read>({});
  const queries = useQueryClient();
  const path = { path: { key: item.key } };
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
    if (complete(given).length >= FEWEST) fit.mutate({ given: whole(given), keep: false });
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
  const problem = photo.error ?? device.error ?? fit.error;
  const forget = () => {
    photo.reset();
    device.reset();
    fit.reset();
  };
  return (
    <section className={classes.calibration}>
      <h3>Your own swatches</h3>
      <p className={classes.acts}>
        <a href={`/api/shelf/items/${item.key}/strip.pdf`} target="_blank" rel="noreferrer">
          print the strip to paint on
        </a>
        <FilePick
          words="read a photo or CxF of it"
          label="A photo or CxF file of the strip"
          accept="image/*,.cxf"
          onFile={(file) => photo.mutate(file)}
        />
        <button
          type="button"
          className="act"
          disabled={device.isPending}
          onClick={() => device.mutate()}
        >
          hold the {reader} on it
        </button>
      </p>
      {problem && <ProblemNote onClose={forget}>{problem.message}</ProblemNote>}
      <table className={classes.strip}>
        <thead>
          <tr>
            <th>Field</th>
            <th>expected</th>
            <th>L* a* b* as read</th>
            <th>fitted</th>
          </tr>
        </thead>
        <tbody>
          {strip.map(({ key, words, lab }) => {
            const own = read[key] ?? [];
            const fitted = fit.data?.fields.find((f) => f.key === key);
            return (
              <tr key={key} data-outlier={fitted?.outlier}>
                <th scope="row">{words}</th>
                <td>
                  <Chip lab={fitted?.before ?? lab} />
                </td>
                <td>
                  <Chip lab={complete({ [key]: own }).length ? own : null} />
                  {["L*", "a*", "b*"].map((channel, k) => (
                    <input
                      key={channel}
                      type="number"
                      step="any"
                      aria-label={`${words} ${channel}`}
                      value={own[k] ?? ""}
                      onChange={(event) => {
                        const to = [own[0], own[1], own[2]] as number[];
                        to[k] = event.currentTarget.valueAsNumber;
                        setRead({ ...read, [key]: to });
                      }}
                      onBlur={() => taken(read)}
                    />
                  ))}
                </td>
                <td>
                  <Chip lab={fitted?.after ?? null} />
                  {fitted && `ΔE ${fitted.apart.toFixed(1)}`}
                  {fitted?.outlier && " left out: it fits with none of the others"}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {fit.data && (
        <Verdict fit={fit.data} onKeep={() => fit.mutate({ given: whole(read), keep: true })} />
      )}
    </section>
  );
}

function Verdict({ fit, onKeep }: { fit: Fit; onKeep: () => void }) {
  return (
    <p className={classes.verdict}>
      The table misses your swatches by ΔE <b>{fit.before.toFixed(1)}</b> in the mean, fitted to
      them by <b>{fit.after.toFixed(1)}</b>.{" "}
      {fit.shelf ? (
        <b>Kept: recipes use your paint now.</b>
      ) : (
        <button type="button" onClick={onKeep}>
          Keep the fitted paint
        </button>
      )}
    </p>
  );
}

function Chip({ lab }: { lab: readonly number[] | null }) {
  return <span className={classes.chip} style={lab ? { background: css(lab) } : undefined} />;
}

const complete = (read: Read) =>
  Object.entries(read).filter(([, lab]) => lab.length === 3 && lab.every(Number.isFinite));
const whole = (read: Read): Read => Object.fromEntries(complete(read));

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
