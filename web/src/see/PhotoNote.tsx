import { Group, Stack, Toggle } from "@mantine/core";
import type { Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { Meter } from "../parts/Meter";
import { PhotoPick } from "../parts/PhotoPick";
import { percent } from "../parts/percent";
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
        <b>Draw roughly round the thing.</b> It snaps to the edge and comes onto your photo, to be
        placed. <Act onClick={() => photos.setCutting(null)}>leave it</Act>
      </p>
    );
  return (
    <Stack component="section" gap={8}>
      {blown + crushed > 0 ? (
        <p>
          {percent(blown)} of the photo is blown to white, {percent(crushed)} crushed to black.{" "}
          <Act aria-pressed={photos.marked} onClick={() => photos.setMarked(!photos.marked)}>
            {photos.marked ? "hide where" : "show where"}
          </Act>
        </p>
      ) : (
        <p>Nothing of the photo is blown to white or crushed to black.</p>
      )}
      <Group gap={26} align="flex-end">
        <span>
          Open the darks{" "}
          <Meter
            label="Open the darks"
            values={AMOUNTS}
            value={darks}
            onChange={(to) => open({ darks: to })}
          />
        </span>
        <span>
          the lights{" "}
          <Meter
            label="Open the lights"
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
        <PhotoPick words="cut a thing from another photo" onTaken={photos.setCutting} />
        <PhotoPick
          words="put another photo in its place"
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
        borrowed thing {k + 1}
      </Toggle>
      {k === chosen && (
        <>
          <span>Drag it to its place.</span>
          <Act onClick={() => change(k, { width: thing.width * LARGER })}>larger</Act>
          <Act onClick={() => change(k, { width: thing.width / LARGER })}>smaller</Act>
          <Act onClick={() => change(k, { flipped: !thing.flipped })}>turn it round</Act>
          <Act onClick={() => leave(k)}>leave it out</Act>
        </>
      )}
    </Group>
  ));
}
