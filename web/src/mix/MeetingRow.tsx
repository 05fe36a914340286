import type { Meeting } from "../api/client";
import { css } from "../parts/colour";
import classes from "./mix.module.css";

interface Props {
  meeting: Meeting;
  names: string[];
}

/** Where two wet mixtures meet: as it would be, and with a touch of another paint first. */
export function MeetingRow({ meeting, names }: Props) {
  const { fault, labs, through, cleaner } = meeting;
  return (
    <div className={classes.meeting}>
      <h3>
        Where {names[0]?.toLowerCase()} meets {names[1]?.toLowerCase()}, wet
      </h3>
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
