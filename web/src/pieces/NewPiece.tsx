import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import type { PieceCreate, Shape } from "../api/client";
import { client, got } from "../api/client";
import { useCatalogue } from "../api/hooks";
import { Frame, HOME } from "../parts/Frame";
import { ProblemNote } from "../parts/Problem";
import { SceneDrawing } from "../parts/SceneDrawing";
import classes from "./pieces.module.css";

const TONES = [
  { key: "white", words: "White", shown: "#f0f0f0" },
  { key: "value:7", words: "Light grey 7", shown: "#b0b0b0" },
  { key: "value:5", words: "Middle grey 5", shown: "#7a7a7a" },
  { key: "black", words: "Black", shown: "#3d3d3d" },
];

/** Three decisions: with what, on what, how large. */
export function NewPiece() {
  const [query] = useSearchParams();
  const reference = query.get("reference") ?? "";
  const create = useCreate();
  const [aspect, setAspect] = useState(1.5);
  const [shapes, setShapes] = useState<Shape[]>([]);
  const [sheet, setSheet] = useState(1.5);
  return (
    <Frame name="Washboard" stages={HOME}>
      {create.error && <ProblemNote onClose={create.reset}>{create.error.message}</ProblemNote>}
      <main className={classes.new}>
        {reference ? (
          <img
            src={`/api/references/${reference}/picture`}
            alt="The reference"
            onLoad={(event) =>
              setAspect(event.currentTarget.naturalWidth / event.currentTarget.naturalHeight)
            }
          />
        ) : (
          <SceneDrawing shapes={shapes} aspect={sheet} ground={9.5} onShapes={setShapes} />
        )}
        <Decisions
          key={aspect}
          aspect={aspect}
          name={query.get("name") || "Untitled"}
          busy={create.isPending || (!reference && shapes.length === 0)}
          onSheet={setSheet}
          onDecide={(given) =>
            create.mutate({ ...given, ...(reference ? { reference } : { shapes }) })
          }
        />
      </main>
    </Frame>
  );
}

function useCreate() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (body: PieceCreate) => got(await client.POST("/api/pieces", { body })),
    onSuccess: (piece) => {
      queries.invalidateQueries({ queryKey: ["pieces"] });
      navigate(`/pieces/${piece.id}/order`);
    },
  });
}

interface DecisionsProps {
  aspect: number;
  name: string;
  busy: boolean;
  /** Called with the sheet's format, width over height, when a size changes. */
  onSheet: (aspect: number) => void;
  onDecide: (given: PieceCreate) => void;
}

function Decisions({ aspect, name, busy, onSheet, onDecide }: DecisionsProps) {
  const catalogue = useCatalogue();
  const [medium, setMedium] = useState("watercolour");
  const [surface, setSurface] = useState("white");
  const [long, short] = [40, Math.round(40 / Math.max(aspect, 1 / aspect))];
  const [width, setWidth] = useState(aspect >= 1 ? long : short);
  const [height, setHeight] = useState(aspect >= 1 ? short : long);
  const sized = (wide: number, high: number) => {
    setWidth(wide);
    setHeight(high);
    if (wide > 0 && high > 0) onSheet(wide / high);
  };
  const decide = (event: FormEvent) => {
    event.preventDefault();
    onDecide({ name, medium, surface, widthCm: width, heightCm: height });
  };
  return (
    <form className={classes.form} onSubmit={decide}>
      <h1>{name}</h1>
      <fieldset>
        <legend>What do you paint with?</legend>
        <div className={classes.choices}>
          {catalogue.data?.media.map(({ key, words }) => (
            <label key={key}>
              <input
                type="radio"
                name="medium"
                checked={medium === key}
                onChange={() => setMedium(key)}
              />
              {words}
            </label>
          ))}
        </div>
      </fieldset>
      <Tone surface={surface} onChange={setSurface} />
      <fieldset>
        <legend>How large?</legend>
        <div className={classes.size}>
          <Side label="Width in cm" value={width} onChange={(to) => sized(to, height)} />×
          <Side label="Height in cm" value={height} onChange={(to) => sized(width, to)} /> cm
        </div>
      </fieldset>
      <button type="submit" className={classes.go} disabled={busy}>
        See the order
      </button>
    </form>
  );
}

function Tone({ surface, onChange }: { surface: string; onChange: (tone: string) => void }) {
  const own = surface.startsWith("#");
  return (
    <fieldset>
      <legend>On what tone?</legend>
      <div className={classes.choices}>
        {TONES.map(({ key, words, shown }) => (
          <label key={key}>
            <input
              type="radio"
              name="surface"
              checked={surface === key}
              onChange={() => onChange(key)}
            />
            <span className={classes.tone} style={{ background: shown }} />
            {words}
          </label>
        ))}
        <label>
          <input type="radio" name="surface" checked={own} onChange={() => onChange("#b9a98e")} />
          Another
          <input
            type="color"
            aria-label="Another tone"
            value={own ? surface : "#b9a98e"}
            onChange={(event) => onChange(event.target.value)}
          />
        </label>
      </div>
    </fieldset>
  );
}

interface SideProps {
  label: string;
  value: number;
  onChange: (value: number) => void;
}

function Side({ label, value, onChange }: SideProps) {
  return (
    <input
      type="number"
      aria-label={label}
      min={1}
      max={1000}
      step="any"
      required
      value={Number.isNaN(value) ? "" : value}
      onChange={(event) => onChange(event.target.valueAsNumber)}
    />
  );
}
