import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import type { Piece, Reference } from "../api/client";
import { client, got } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import { LineLayer } from "../parts/LineLayer";
import type { Place } from "../parts/line";
import { PhotoPick } from "../parts/PhotoPick";
import { ProblemNote } from "../parts/Problem";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  changes: ReturnType<typeof useChanges>;
}

const TONES = [
  { key: "white", words: "white" },
  { key: "value:7", words: "light grey 7" },
  { key: "value:5", words: "middle grey 5" },
  { key: "black", words: "black" },
];

/** What is painted on: the kind of sheet or panel, its side, its tone from a list, typed or read off a photo. */
export function SurfaceForm({ piece, changes }: Props) {
  const { medium, surface, stock, side } = piece.settings;
  const stocks = useCatalogue().data?.stocks.filter((s) => s.media.includes(medium)) ?? [];
  const [photo, setPhoto] = useState<Reference | null>(null);
  const own = stocks.find((s) => s.key === stock);
  const typed = /^value:(.*)$/.exec(surface)?.[1] ?? "";
  const tones = [...TONES, ...(own ? [{ key: own.tone, words: "as it usually is" }] : [])];
  return (
    <div className={classes.sheet}>
      <label>
        On{" "}
        <select
          aria-label="Kind of surface"
          value={stock ?? ""}
          onChange={(event) => {
            const chosen = stocks.find((s) => s.key === event.target.value);
            changes.edit.mutate(
              chosen ? { stock: chosen.key, surface: chosen.tone } : { stock: null },
            );
          }}
        >
          <option value="">a surface of my own</option>
          {stocks.map(({ key, words }) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
      </label>
      {own && own.sides.length > 0 && (
        <label>
          side{" "}
          <select
            aria-label="Side"
            value={side}
            onChange={(event) => changes.edit.mutate({ side: event.target.value })}
          >
            <option value="">either</option>
            {own.sides.map((words) => (
              <option key={words}>{words}</option>
            ))}
          </select>
        </label>
      )}
      <label>
        tone{" "}
        <select
          aria-label="Tone of the surface"
          value={tones.some((t) => t.key === surface) ? surface : ""}
          onChange={(event) =>
            event.target.value && changes.edit.mutate({ surface: event.target.value })
          }
        >
          <option value="">its own</option>
          {tones.map(({ key, words }) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <label>
        value{" "}
        <input
          aria-label="Value of the surface"
          type="number"
          min={0}
          max={10}
          step={0.1}
          defaultValue={typed}
          key={surface}
          onBlur={(event) => {
            const given = event.currentTarget.value;
            if (given !== "" && given !== typed) changes.edit.mutate({ surface: `value:${given}` });
          }}
          onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
        />
      </label>
      <PhotoPick words="read it off a photo" onTaken={setPhoto} />
      {own?.says.includes(";") && <p className="quiet">{own.says}</p>}
      {photo && (
        <Reading
          photo={photo}
          onTone={(tone) => {
            setPhoto(null);
            changes.edit.mutate({ surface: tone });
          }}
          onLeave={() => setPhoto(null)}
        />
      )}
    </div>
  );
}

interface ReadingProps {
  photo: Reference;
  onTone: (tone: string) => void;
  onLeave: () => void;
}

/** Two touches on a photo of the surface: the surface, then something white beside it. */
function Reading({ photo, onTone, onLeave }: ReadingProps) {
  const [surface, setSurface] = useState<Place | null>(null);
  const read = useMutation({
    mutationFn: async (white: Place) =>
      got(
        await client.POST("/api/references/{content}/tone", {
          params: { path: { content: photo.hash } },
          body: { surface: surface ?? white, white },
        }),
      ),
    onSuccess: ({ tone }) => onTone(tone),
    onError: () => setSurface(null),
  });
  const touch = (at: Place) => (surface ? read.mutate(at) : setSurface(at));
  return (
    <div className={classes.reading}>
      {read.error && <ProblemNote onClose={read.reset}>{read.error.message}</ProblemNote>}
      <p>
        <b>{surface ? "Now the white beside it." : "Touch the surface."}</b>{" "}
        <button type="button" className="act" onClick={onLeave}>
          leave it
        </button>
      </p>
      <LineLayer onLine={(line) => line[0] && touch(line[0])} onTouch={touch}>
        <img
          src={`/api/references/${photo.hash}/picture`}
          width={photo.width}
          height={photo.height}
          alt="The surface beside white"
          draggable={false}
        />
      </LineLayer>
    </div>
  );
}
