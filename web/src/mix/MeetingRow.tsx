import type { Meeting } from "../api/client";
import { css } from "../parts/colour";
import classes from "./mix.module.css";

interface Props {
  meeting: Meeting;
  /** Which two they are, as a heading. */
  words: string;
}

/** Where two wet mixtures meet: as it would be, and with a touch of another paint first. */
export function MeetingRow({ meeting, words }: Props) {
  const { fault, labs, through, cleaner } = meeting;
  return (
    <div className={classes.meeting}>
      <h3>{words}</h3>
      <figure>
        <span style={{ background: across(labs) }} />
        <figcaption>as it is: {fault} in between</figcaption>
      </figure>
      {cleaner && (
        <figure>
          <span style={{ background: across(cleaner) }} />
          <figcaption>with a touch of {through} in between</figcaption>
        </figure>
      )}
    </div>
  );
}

const across = (labs: readonly number[][]) => `linear-gradient(90deg, ${labs.map(css).join(", ")})`;
