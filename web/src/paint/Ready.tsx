import { Title } from "@mantine/core";
import type { Easel, EaselPass } from "../api/client";
import { css } from "../parts/colour";
import { Rich, rounded, say } from "../words/say";
import { mixtureWords, valueWords } from "./mixture";
import classes from "./paint.module.css";

/** Steps of the way that are shown beforehand. */
const STEPS = 8;

/** What to have ready before the next pass. */
export function Ready({ next, easel }: { next: EaselPass; easel: Easel }) {
  return (
    <>
      <Title order={3}>{say("ready-have-ready")}</Title>
      {next.piles.slice(0, 6).map((pile, k) => {
        const recipe = pile.recipes[0];
        return (
          recipe && (
            <div key={k} className={classes.pile}>
              <span className={classes.stroke} style={{ background: css(recipe.lab) }} />
              <span>
                {mixtureWords(recipe, easel)}
                <br />
                <span className="quiet">
                  <Rich words={valueWords(recipe, easel)} />
                </span>
              </span>
              <b>{pile.ml > 0 && say("ready-ml", { ml: rounded(pile.ml, 1) })}</b>
            </div>
          )
        );
      })}
      <p>{next.needs}.</p>
      {next.paints
        .filter((paint) => paint.left !== null && (paint.left ?? 0) < paint.ml)
        .map((paint) => (
          <p key={paint.paint}>
            <Rich
              words={say("ready-runs-out", {
                paint: easel.paints.find((own) => own.key === paint.paint)?.words ?? paint.paint,
                ml: rounded(paint.ml, 1),
                left: rounded(paint.left ?? 0, 1),
              })}
            />
          </p>
        ))}
      <ol className={classes.way}>
        {next.steps.slice(0, STEPS).map((step) => (
          <li key={step.masses.join()}>{step.heading}</li>
        ))}
      </ol>
      {next.steps.length > STEPS && (
        <p className="quiet">{say("ready-more-steps", { count: next.steps.length - STEPS })}</p>
      )}
      {next.cautions.map((caution) => (
        <p key={caution} className={classes.caution}>
          ◇ {caution}
        </p>
      ))}
    </>
  );
}
