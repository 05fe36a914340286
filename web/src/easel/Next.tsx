import { Title } from "@mantine/core";
import type { ReactNode } from "react";
import type { Easel, Pile } from "../api/client";
import { mixtureWords, valueWords } from "../paint/mixture";
import { Act } from "../parts/Act";
import { css } from "../parts/colour";
import { minutes } from "../parts/time";
import { Rich, say } from "../words/say";
import classes from "./easel.module.css";
import type { useEaselWay } from "./useEaselWay";
import { WetClock } from "./WetClock";

interface Props {
  easel: Easel;
  way: ReturnType<typeof useEaselWay>;
}

/** Letters from which a heading is set smaller. */
const LONG = 34;

/** The one next thing, readable at two metres; below it the pile and how wet it is. */
export function Next({ easel, way }: Props) {
  const { first, where, clock } = way;
  if (!first) return <End easel={easel} />;
  if (where.at === "drying")
    return (
      <Said>
        <Title order={1}>{say("next-drying", { minutes: minutes(where.until - clock) })}</Title>
        <p className={classes.mind}>{say("next-then", { title: first.title })}</p>
        <p>{easel.stopping}</p>
        <WetClock
          gone={clock - where.from}
          until={where.until - where.from}
          words={say("next-until-dry", { minutes: minutes(where.until - where.from) })}
        />
        <p>
          <Act onClick={() => way.log("still-wet")}>{say("next-still-wet")}</Act>
        </p>
      </Said>
    );
  if (where.at === "begin")
    return (
      <Said>
        <Title order={1} data-long={first.title.length > LONG}>
          {first.title}
        </Title>
        <p className={classes.mind}>
          {say("next-takes", { minutes: minutes(first.minutes), count: first.steps.length })}{" "}
          {first.needs}
        </p>
        <Piles piles={first.piles} easel={easel} />
        {first.cautions.map((caution) => (
          <p key={caution}>◇ {caution}</p>
        ))}
      </Said>
    );
  if (where.at === "end") return <End easel={easel} />;
  const { step } = where;
  const piles = first.piles.filter((pile) =>
    pile.masses.some((mass) => step.masses.includes(mass)),
  );
  return (
    <Said>
      <Title order={1} data-long={step.heading.length > LONG}>
        {step.heading}
      </Title>
      <p className={classes.mind}>
        {step.lines.join(" ")}{" "}
        <Act onClick={() => spoken(`${step.heading}. ${step.lines.join(" ")}`)}>
          {say("next-say-it")}
        </Act>
      </p>
      <Piles piles={piles.length > 0 ? piles.slice(0, 1) : first.piles.slice(0, 1)} easel={easel} />
      {step.lays && easel.openMinutes !== null && way.begun !== null && (
        <WetClock
          gone={clock - way.begun}
          until={easel.openMinutes}
          words={say("next-wet-for", { minutes: minutes(easel.openMinutes) })}
        />
      )}
      {way.untold.length > 0 && <p>{say("next-mend-waits")}</p>}
      <p className="quiet">{say("next-step", { step: where.number, count: where.count })}</p>
    </Said>
  );
}

function End({ easel }: { easel: Easel }) {
  return (
    <Said>
      <Title order={1}>{say("next-all-done")}</Title>
      {easel.told.map((said) => (
        <p key={said}>{said}</p>
      ))}
    </Said>
  );
}

/** What is said beside the picture. Where it is longer than the screen it scrolls, by the keys too. */
function Said({ children }: { children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be within reach of the keys
    <section className={classes.next} tabIndex={0} aria-label={say("next-what-to-do")}>
      {children}
    </section>
  );
}

/** Mixtures as patches, dry and wet, with their parts. */
function Piles({ piles, easel }: { piles: readonly Pile[]; easel: Easel }) {
  return piles.slice(0, 4).map((pile, k) => {
    const recipe = pile.recipes[0];
    return (
      recipe && (
        <div key={`${k} ${pile.masses.join()}`} className={classes.pile}>
          <span className={classes.patch}>
            <i style={{ background: css(recipe.lab) }} />
            <i style={{ background: css(recipe.labWet) }} />
          </span>
          <p>
            <Rich words={valueWords(recipe, easel)} />: {mixtureWords(recipe, easel)}
          </p>
        </div>
      )
    );
  });
}

/** Say it aloud with the browser's own voice, where it has one. */
function spoken(words: string) {
  if (!("speechSynthesis" in window)) return;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
}
