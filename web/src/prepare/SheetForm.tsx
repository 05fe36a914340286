import { Group } from "@mantine/core";
import { useState } from "react";
import type { Piece, PieceUpdate, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { NumberField } from "../parts/NumberField";
import { Rich, rounded, say } from "../words/say";
import { arrangementOf } from "./arrangement";

interface Props {
  piece: Piece;
  prepared: Prepared;
  changes: ReturnType<typeof useChanges>;
}

const INCH = 2.54;
const SIDES = [
  { key: "widthCm", words: say("sheet-form-sheet-wide") },
  { key: "heightCm", words: say("sheet-form-high") },
  { key: "marginCm", words: say("sheet-form-margin") },
] as const;

/** The sheet: its size in cm or inches, the margin, and what happens where its format differs. */
export function SheetForm({ piece, prepared, changes }: Props) {
  const { widthCm, heightCm, marginCm = 0, spread } = piece.settings;
  const sizes = { widthCm, heightCm, marginCm };
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
  return (
    <Group gap="8 16" pb={6}>
      {SIDES.map(({ key, words }) => (
        <NumberField
          key={`${key} ${unit} ${sizes[key]}`}
          label={words}
          kept={Number((sizes[key] / scale).toFixed(2))}
          needed
          onKeep={(given) => changes.edit.mutateAsync({ [key]: (given ?? 0) * scale })}
        />
      ))}
      <Act onClick={() => setUnit(unit === "cm" ? "in" : "cm")}>
        {unit === "cm" ? say("sheet-form-in-inches") : say("sheet-form-in-cm")}
      </Act>
      {differs > 0.05 && !spread && (
        <span>
          <Rich
            words={say("sheet-form-longer", { cm: rounded(differs, 1) })}
            parts={{
              crop: (words) => <Act onClick={crop}>{words}</Act>,
              spread: (words) => <Act onClick={() => edit({ spread: true })}>{words}</Act>,
            }}
          />
        </span>
      )}
      {spread && <Act onClick={() => edit({ spread: false })}>{say("sheet-form-do-spread")}</Act>}
    </Group>
  );
}
