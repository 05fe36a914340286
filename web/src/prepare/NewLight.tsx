import { Group, Slider } from "@mantine/core";
import type { Piece } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { Choices } from "../parts/Choices";
import type { Place } from "../parts/line";
import { say } from "../words/say";

export type Relight = NonNullable<Piece["settings"]["relight"]>;

interface Props {
  piece: Piece;
  changes: ReturnType<typeof useChanges>;
  /** The light that is tried, seen in the picture and not yet taken. */
  trial: Relight | null;
  onTry: (light: Relight | null) => void;
}

/** The picture with a light put in, to be looked at. */
export const relitUrl = (piece: Piece, { x, y, by, strength }: Relight) =>
  `/api/pieces/${piece.id}/relit.jpg?${new URLSearchParams({
    x: String(x),
    y: String(y),
    by: by ?? "sun",
    strength: String(strength ?? USUAL),
    revision: String(piece.revision),
  })}`;

/** How far a new light rules the picture until another is given. */
const USUAL = 0.7;
const KINDS = (["sun", "lamp"] as const).map((key) => ({
  key,
  words: say("new-light-kind", { by: key }),
}));

/** A light as it is first tried at a place of the reference. */
export const lightAt = ({ x, y }: Place): Relight => ({ x, y, by: "sun", strength: USUAL });

/** A sun or a lamp put in: tried in the picture, then taken or left. */
export function NewLight({ piece, changes, trial, onTry }: Props) {
  const kept = piece.settings.relight;
  if (!trial)
    return kept ? (
      <p>
        {say("new-light-there", { by: kept.by ?? "sun" })}{" "}
        <Act onClick={() => changes.edit.mutate({ relight: null })}>{say("new-light-out")}</Act>
      </p>
    ) : null;
  return (
    <section aria-label={say("new-light-section")}>
      <Group gap="8 20" mb={8}>
        <Choices
          label={say("new-light-section")}
          options={KINDS}
          chosen={trial.by ?? "sun"}
          onChoose={(by) => onTry({ ...trial, by })}
        />
        <Group gap={10} wrap="nowrap" data-arrows>
          <span>{say("new-light-strength")}</span>
          <Slider
            w={160}
            min={0.1}
            max={1}
            step={0.05}
            label={null}
            thumbLabel={say("new-light-strength")}
            defaultValue={trial.strength ?? USUAL}
            onChangeEnd={(strength) => onTry({ ...trial, strength })}
          />
        </Group>
      </Group>
      <p>
        {say("new-light-invents")}{" "}
        <Act
          onClick={() => {
            changes.edit.mutate({ relight: trial });
            onTry(null);
          }}
        >
          {say("new-light-take")}
        </Act>{" "}
        <Act onClick={() => onTry(null)}>{say("new-light-leave")}</Act>
      </p>
    </section>
  );
}
