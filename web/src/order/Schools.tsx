import type { School, Schools as SchoolsFound } from "../api/client";
import { shortMinutes } from "../parts/time";
import classes from "./order.module.css";

interface Props {
  found: SchoolsFound | undefined;
  chosen: string;
  onChoose: (school: string) => void;
}

/** Every school side by side: the painting on the way, and what its order would cost. */
export function Schools({ found, chosen, onChoose }: Props) {
  if (!found) return <p role="status">Working out every school…</p>;
  return (
    <div className={classes.schools}>
      {found.schools.map((school) => (
        <Row
          key={school.school}
          school={school}
          chosen={school.school === chosen}
          onChoose={() => onChoose(school.school)}
        />
      ))}
    </div>
  );
}

interface RowProps {
  school: School;
  chosen: boolean;
  onChoose: () => void;
}

function Row({ school, chosen, onChoose }: RowProps) {
  return (
    <section data-lit={chosen} aria-label={school.words}>
      <h3>
        {school.words}{" "}
        {school.feasible && !chosen && (
          <button type="button" className="act" onClick={onChoose}>
            take it
          </button>
        )}
        {chosen && <span className="quiet">as it is now</span>}
      </h3>
      {school.feasible ? (
        <>
          <div className={classes.thirds}>
            {(school.pictures ?? []).map((picture, k) => (
              <figure key={k}>
                <img src={picture} alt={`${school.words}, after pass ${school.after?.[k]}`} />
                <figcaption>after {school.after?.[k]}</figcaption>
              </figure>
            ))}
          </div>
          <p>{account(school)}</p>
        </>
      ) : (
        <p className="quiet">Not here: {school.whyNot}.</p>
      )}
    </section>
  );
}

/** What an order comes to, in one line. */
export function account(school: School): string {
  const { passes = 0, irreversible = 0, sittings = 1, judgedFromPass } = school;
  const parts = [
    `${passes} passes`,
    `${shortMinutes(school.activeMinutes ?? 0)} of work`,
    school.waitMinutes ? `${shortMinutes(school.waitMinutes)} of waiting` : "no waiting",
    `${sittings} sitting${sittings === 1 ? "" : "s"}`,
    `${school.mixtures} mixtures`,
    `up to ${school.layers} layers`,
    irreversible ? `${irreversible} steps without return` : "every step can be mended",
    judgedFromPass ? `judged from pass ${judgedFromPass}` : "never quite judged",
    `ΔE ${(school.meanDeltaE ?? 0).toFixed(1)}, worst ${(school.worstDeltaE ?? 0).toFixed(1)}`,
    `values off by ${(school.meanValueError ?? 0).toFixed(2)}`,
  ];
  return `${parts.join(" · ")}.`;
}
