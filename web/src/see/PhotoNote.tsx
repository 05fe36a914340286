import { Group, Stack, Toggle } from "@mantine/core";
import type { Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { Meter } from "../parts/Meter";
import { PhotoPick } from "../parts/PhotoPick";
import { percent } from "../parts/percent";
import { Rich, say } from "../words/say";
import type { usePhotos } from "./usePhotos";

const AMOUNTS = [0, 0.25, 0.5, 0.75, 1];
const LARGER = 1.15;

interface Props {
  piece: Piece;
  plan: Plan;
  photos: ReturnType<typeof usePhotos>;
  changes: ReturnType<typeof useChanges>;
}

/** The photo: its lost ends and how far they are opened, things of other photos, another in its place. */
export function PhotoNote({ piece, plan, photos, changes }: Props) {
  const { crushed, blown, photo } = plan.view;
  const { darks = 0, lights = 0 } = piece.settings.opening ?? {};
  const open = (to: { darks?: number; lights?: number }) =>
    changes.edit.mutate({ opening: { darks, lights, ...to } });
  if (photos.cutting)
    return (
      <p>
        <Rich words={say("photo-note-draw-round")} />{" "}
        <Act onClick={() => photos.setCutting(null)}>{say("photo-note-leave")}</Act>
      </p>
    );
  return (
    <Stack component="section" gap={8}>
      {blown + crushed > 0 ? (
        <p>
          {say("photo-note-lost", { white: percent(blown), black: percent(crushed) })}{" "}
          <Act aria-pressed={photos.marked} onClick={() => photos.setMarked(!photos.marked)}>
            {photos.marked ? say("photo-note-hide-where") : say("photo-note-show-where")}
          </Act>
        </p>
      ) : (
        <p>{say("photo-note-nothing-photo-blown")}</p>
      )}
      <Group gap={26} align="flex-end">
        <span>
          {say("photo-note-open-darks")}{" "}
          <Meter
            label={say("photo-note-open-darks")}
            values={AMOUNTS}
            value={darks}
            onChange={(to) => open({ darks: to })}
          />
        </span>
        <span>
          {say("photo-note-open-lights")}{" "}
          <Meter
            label={say("photo-note-open-lights")}
            values={AMOUNTS}
            value={lights}
            onChange={(to) => open({ lights: to })}
          />
        </span>
      </Group>
      {photo?.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      <Things photos={photos} />
      <Group gap="6 18">
        <PhotoPick words={say("photo-note-cut-thing-another")} onTaken={photos.setCutting} />
        <PhotoPick
          words={say("photo-note-put-another-photo")}
          onTaken={({ hash }) => changes.edit.mutate({ reference: hash })}
        />
      </Group>
    </Stack>
  );
}

/** Each borrowed thing; what can be done with the chosen one. */
function Things({ photos }: { photos: ReturnType<typeof usePhotos> }) {
  const { borrowed, chosen, choose, change, leave } = photos;
  return borrowed.map((thing, k) => (
    <Group key={`${thing.photo} ${thing.outline[0]?.x}`} gap="6 14">
      <Toggle active={k === chosen} onClick={() => choose(k === chosen ? null : k)}>
        {say("photo-note-borrowed-thing", { k: k + 1 })}
      </Toggle>
      {k === chosen && (
        <>
          <span>{say("photo-note-drag-place")}</span>
          <Act onClick={() => change(k, { width: thing.width * LARGER })}>
            {say("photo-note-larger")}
          </Act>
          <Act onClick={() => change(k, { width: thing.width / LARGER })}>
            {say("photo-note-smaller")}
          </Act>
          <Act onClick={() => change(k, { flipped: !thing.flipped })}>
            {say("photo-note-turn-round")}
          </Act>
          <Act onClick={() => leave(k)}>{say("photo-note-leave-out")}</Act>
        </>
      )}
    </Group>
  ));
}
