import type { Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Meter } from "../parts/Meter";
import { PhotoPick } from "../parts/PhotoPick";
import { percent } from "../parts/percent";
import classes from "./see.module.css";
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
      <p className={classes.note}>
        <b>Draw roughly round the thing.</b> It snaps to the edge and comes onto your photo, to be
        placed.{" "}
        <button type="button" className="act" onClick={() => photos.setCutting(null)}>
          leave it
        </button>
      </p>
    );
  return (
    <section className={classes.photo}>
      <p>
        {blown + crushed > 0
          ? `${percent(blown)} of the photo is blown to white, ${percent(crushed)} crushed to black. `
          : "Nothing of the photo is blown to white or crushed to black."}
        {blown + crushed > 0 && (
          <button
            type="button"
            className="act"
            aria-pressed={photos.marked}
            onClick={() => photos.setMarked(!photos.marked)}
          >
            {photos.marked ? "hide where" : "show where"}
          </button>
        )}
      </p>
      <div className={classes.meters}>
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
      </div>
      {photo?.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      <Things photos={photos} />
      <p className={classes.alone}>
        <PhotoPick words="cut a thing from another photo" onTaken={photos.setCutting} />
        <PhotoPick
          words="put another photo in its place"
          onTaken={({ hash }) => changes.edit.mutate({ reference: hash })}
        />
      </p>
    </section>
  );
}

function Things({ photos }: { photos: ReturnType<typeof usePhotos> }) {
  const { borrowed, chosen, choose, change, leave } = photos;
  const own = chosen === null ? undefined : borrowed[chosen];
  return borrowed.map((thing, k) => (
    <p key={`${thing.photo} ${thing.outline[0]?.x}`} className={classes.alone}>
      <button
        type="button"
        aria-pressed={k === chosen}
        onClick={() => choose(k === chosen ? null : k)}
      >
        borrowed thing {k + 1}
      </button>
      {k === chosen && own && (
        <>
          <span>Drag it to its place.</span>
          <button type="button" onClick={() => change(k, { width: own.width * LARGER })}>
            larger
          </button>
          <button type="button" onClick={() => change(k, { width: own.width / LARGER })}>
            smaller
          </button>
          <button type="button" onClick={() => change(k, { flipped: !own.flipped })}>
            turn it round
          </button>
          <button type="button" onClick={() => leave(k)}>
            leave it out
          </button>
        </>
      )}
    </p>
  ));
}
