import type { Plan, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
import { css } from "../parts/colour";
import { shortName } from "../parts/masses";
import classes from "./prepare.module.css";

interface Props {
  plan: Plan;
  prepared: Prepared;
  changes: ReturnType<typeof useChanges>;
}

const FEWEST = 2;
const MOST = 16;

/** Which paints come along, what of the picture they reach, and which exchange would help most. */
export function Palette({ plan, prepared, changes }: Props) {
  const { paints, share, mean, missed, swap, proposed, proposedShare } = prepared.palette;
  const chosen = paints.filter((p) => p.chosen).map((p) => p.key);
  const mine = paints
    .map((p) => p.key)
    .filter((key) => key.startsWith("own-"))
    .slice(0, MOST);
  const words = (key: string) => paints.find((p) => p.key === key)?.words ?? key;
  const toggle = (key: string) =>
    changes.edit.mutate({
      palette: chosen.includes(key) ? chosen.filter((k) => k !== key) : [...chosen, key],
    });
  const called = (id: string) => {
    const mass = plan.document.masses.find((m) => m.id === id);
    return mass ? shortName(mass) : id;
  };
  return (
    <>
      <p className={classes.lead}>
        <b>{chosen.length} paints</b> reach {Math.round(100 * share)} % of the picture within ΔE 6;
        the mean miss is {mean.toFixed(1)}.
      </p>
      {[...chosen].sort().join() !== [...proposed].sort().join() && (
        <p>
          <button
            type="button"
            className="act"
            title={proposed.map(words).join(", ")}
            onClick={() => changes.edit.mutate({ palette: proposed })}
          >
            Take the {proposed.length} that reach it best
          </button>
          : {Math.round(100 * proposedShare)} %
        </p>
      )}
      {mine.length >= FEWEST && [...mine].sort().join() !== [...chosen].sort().join() && (
        <p>
          <button
            type="button"
            className="act"
            title={mine.map(words).join(", ")}
            onClick={() => changes.edit.mutate({ palette: mine })}
          >
            Take the {mine.length} on your shelf
          </button>
        </p>
      )}
      {swap && (
        <p>
          <button
            type="button"
            className="act"
            onClick={() =>
              changes.edit.mutate({
                palette: [...chosen.filter((k) => k !== swap.out), swap.in],
              })
            }
          >
            Take {words(swap.in)} for {words(swap.out)}
          </button>
          {swap.share !== null && `: then ${Math.round(100 * swap.share)} %`}
        </p>
      )}
      <ul className={classes.paints}>
        {paints.map((paint) => (
          <li key={paint.key}>
            <button
              type="button"
              aria-pressed={paint.chosen}
              disabled={paint.chosen && chosen.length <= FEWEST}
              title={paint.caution || undefined}
              onClick={() => toggle(paint.key)}
            >
              <span className={classes.strong} style={{ background: css(paint.strong) }} />
              <span className={classes.weak} style={{ background: css(paint.thin) }} />
              <span>
                {paint.words} <small>{paint.index}</small>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {missed.length > 0 && (
        <>
          <h3>Out of reach</h3>
          <ul className={classes.missed}>
            {missed.slice(0, 6).map(({ mass, lab: colour, apart }) => (
              <li key={mass}>
                <span className={classes.swatch} style={{ background: css(colour) }} />
                {called(mass)}, by ΔE {apart.toFixed(0)}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="quiet">
        Looks and mixtures are modelled, not measured. Paints with metal in them: no sanding, no
        spraying, wash hands; read the labels.
      </p>
    </>
  );
}
