import { Group, NativeSelect, Text } from "@mantine/core";
import { useState } from "react";
import type { Piece, Reference } from "../api/client";
import { useCatalogue, type useChanges } from "../api/hooks";
import { NumberField } from "../parts/NumberField";
import { PhotoPick } from "../parts/PhotoPick";
import { say } from "../words/say";
import { ToneReading } from "./ToneReading";

interface Props {
  piece: Piece;
  changes: ReturnType<typeof useChanges>;
}

const TONES = [
  { value: "white", label: say("surface-form-white") },
  { value: "value:7", label: say("surface-form-light-grey") },
  { value: "value:5", label: say("surface-form-middle-grey") },
  { value: "black", label: say("surface-form-black") },
];
/** How a tone is named by its value alone. */
const VALUE = "value:";

/** What is painted on: the kind of sheet or panel, its side, its tone from a list, typed or read off a photo. */
export function SurfaceForm({ piece, changes }: Props) {
  const { medium, surface, stock, side } = piece.settings;
  const stocks = useCatalogue().data?.stocks.filter((s) => s.media.includes(medium)) ?? [];
  const [photo, setPhoto] = useState<Reference | null>(null);
  const own = stocks.find((s) => s.key === stock);
  const typed = surface.startsWith(VALUE) ? Number(surface.slice(VALUE.length)) : null;
  const tones = [
    ...TONES,
    ...(own ? [{ value: own.tone, label: say("surface-form-usually") }] : []),
  ];
  const take = (key: string) => {
    const chosen = stocks.find((s) => s.key === key);
    changes.edit.mutate(chosen ? { stock: chosen.key, surface: chosen.tone } : { stock: null });
  };
  return (
    <Group gap="8 16" pb={6}>
      <NativeSelect
        label={say("surface-form-on")}
        aria-label={say("surface-form-kind-surface")}
        maw={260}
        data={[
          { value: "", label: say("surface-form-surface-my-own") },
          ...stocks.map(({ key, words }) => ({ value: key, label: words })),
        ]}
        value={stock ?? ""}
        onChange={(event) => take(event.currentTarget.value)}
      />
      {own && own.sides.length > 0 && (
        <NativeSelect
          label={say("surface-form-side")}
          aria-label={say("surface-form-side-b")}
          data={[{ value: "", label: say("surface-form-either") }, ...own.sides]}
          value={side}
          onChange={(event) => changes.edit.mutate({ side: event.currentTarget.value })}
        />
      )}
      <NativeSelect
        label={say("surface-form-tone")}
        aria-label={say("surface-form-tone-surface")}
        data={[{ value: "", label: say("surface-form-own") }, ...tones]}
        value={tones.some(({ value }) => value === surface) ? surface : ""}
        onChange={(event) => {
          const tone = event.currentTarget.value;
          if (tone) changes.edit.mutate({ surface: tone });
        }}
      />
      <NumberField
        key={surface}
        label={say("surface-form-value")}
        aria-label={say("surface-form-value-surface")}
        max={10}
        step={0.1}
        kept={typed}
        needed
        onKeep={(value) => changes.edit.mutateAsync({ surface: `${VALUE}${value}` })}
      />
      <PhotoPick words={say("surface-form-read-off-photo")} onTaken={setPhoto} />
      {own?.care && (
        <Text w="100%" c="dimmed">
          {own.care}
        </Text>
      )}
      {photo && (
        <ToneReading
          photo={photo}
          onTone={(tone) => {
            setPhoto(null);
            changes.edit.mutate({ surface: tone });
          }}
          onLeave={() => setPhoto(null)}
        />
      )}
    </Group>
  );
}
