import { useState } from "react";
import type { Piece, PieceUpdate, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
import { arrangementOf } from "./arrangement";
import classes from "./prepare.module.css";

interface Props {
  piece: Piece;
  prepared: Prepared;
  changes: ReturnType<typeof useChanges>;
}

const INCH = 2.54;

/** The sheet: its size in cm or inches, the margin, and what happens where its format differs. */
export function SheetForm({ piece, prepared, changes }: Props) {
  const { widthCm, heightCm, marginCm = 0, spread } = piece.settings;
  const [unit, setUnit] = useState<"cm" | "in">("cm");
  const scale = unit === "cm" ? 1 : INCH;
  const edit = (to: Omit<PieceUpdate, "revision">) => changes.edit.mutate(to);
  const differs = Math.max(
    widthCm - prepared.widthCm - 2 * marginCm,
    heightCm - prepared.heightCm - 2 * marginCm,
  );
  const crop = () => {
    const arrange = arrangementOf(piece);
    const { left, top, right, bottom } = arrange.crop;
    const [a, b, c, d] = prepared.formatCrop;
    const [w, h] = [right - left, bottom - top];
    const to = { left: left + a * w, top: top + b * h, right: left + c * w, bottom: top + d * h };
    edit({ arrangement: { ...arrange, crop: to }, spread: false });
  };
  const length = (label: string, cm: number, key: "widthCm" | "heightCm" | "marginCm") => (
    <label>
      {label}{" "}
      <input
        type="number"
        min={0}
        step="any"
        defaultValue={Number((cm / scale).toFixed(2))}
        key={`${unit} ${cm}`}
        onBlur={(event) => {
          const given = event.currentTarget.valueAsNumber * scale;
          if (Number.isFinite(given) && Math.abs(given - cm) > 0.01) edit({ [key]: given });
        }}
        onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
      />
    </label>
  );
  return (
    <div className={classes.sheet}>
      {length("Sheet, wide", widthCm, "widthCm")}
      {length("high", heightCm, "heightCm")}
      {length("margin", marginCm, "marginCm")}
      <button type="button" className="act" onClick={() => setUnit(unit === "cm" ? "in" : "cm")}>
        in {unit === "cm" ? "inches" : "cm"}
      </button>
      {differs > 0.05 && !spread && (
        <span>
          The sheet is {differs.toFixed(1)} cm longer than the picture:{" "}
          <button type="button" className="act" onClick={crop}>
            crop to it
          </button>
          ,{" "}
          <button type="button" className="act" onClick={() => edit({ spread: true })}>
            spread
          </button>
          , or leave a margin.
        </span>
      )}
      {spread && (
        <button type="button" className="act" onClick={() => edit({ spread: false })}>
          do not spread
        </button>
      )}
    </div>
  );
}
