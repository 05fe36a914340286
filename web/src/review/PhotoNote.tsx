import type { Observation } from "../api/client";
import { dated } from "../parts/time";
import { say } from "../words/say";
import { madeUrl, type useReading } from "./queries";
import classes from "./review.module.css";
import { TakePhoto } from "./TakePhoto";

interface Props {
  piece: string;
  seen: Observation;
  photos: readonly Observation[];
  reading: ReturnType<typeof useReading>;
  onChoose: (id: string) => void;
  onCorners: () => void;
}

/** The photo as it was taken, with the sheet found in it; where painting and plan differ; how far to trust it. */
export function PhotoNote({ piece, seen, photos, reading, onChoose, onCorners }: Props) {
  const [wide, high] = seen.size;
  return (
    <>
      <div className={classes.note}>
        <button type="button" className={classes.photo} onClick={onCorners}>
          <img src={madeUrl(piece, seen, "photo")} width={wide} height={high} alt="" />
          <svg viewBox={`0 0 ${wide} ${high}`} aria-hidden="true">
            <polygon points={seen.corners.map((at) => at.join()).join(" ")} />
            <polygon points={seen.corners.map((at) => at.join()).join(" ")} data-tone="dark" />
          </svg>
          <span>{say("review-move-corners")}</span>
        </button>
        <figure>
          <img src={madeUrl(piece, seen, "difference")} alt={say("review-difference-alt")} />
          <figcaption>
            <i style={{ background: "#202020" }} /> {say("review-too-dark")}{" "}
            <i style={{ background: "#808080" }} /> {say("review-even")}{" "}
            <i style={{ background: "#f4f4f4" }} /> {say("review-too-light")}
          </figcaption>
        </figure>
        <p>
          <b>{dated(seen.at)}</b> {seen.lightTold}
        </p>
      </div>
      {photos.length > 1 && (
        <p className={classes.photos}>
          {photos.map((one) => (
            <button
              key={one.id}
              type="button"
              aria-pressed={one.id === seen.id}
              onClick={() => onChoose(one.id)}
            >
              {dated(one.at)}
            </button>
          ))}
        </p>
      )}
      <TakePhoto reading={reading} onTaken={onChoose} />
    </>
  );
}
