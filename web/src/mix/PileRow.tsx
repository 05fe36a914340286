import { useMemo, useState } from "react";
import type { Board, Pile } from "../api/client";
import { useMixTable } from "../api/hooks";
import { css } from "../parts/colour";
import { bandName } from "../see/bands";
import classes from "./mix.module.css";
import { looks, partWords, pressureWords } from "./table";
import { Ways } from "./Ways";

interface Props {
  piece: string;
  pile: Pile;
  bands: readonly number[];
  name: string;
  /** Whether sticks are laid over each other instead of paint being mixed. */
  sticks: boolean;
  paints: Board["paints"];
  /** The earlier pile that would do instead, in words. */
  again: string | null;
  open: boolean;
  onOpen: () => void;
}

const STEP = 1.12;

/** A pile: its look dry beside the target and wet, the parts as strokes, value, amount; by hand when open. */
export function PileRow({ piece, pile, bands, name, sticks, paints, again, open, onOpen }: Props) {
  const [chosen, setChosen] = useState(0);
  const recipe = pile.recipes[chosen] ?? pile.recipes[0];
  const [hand, setHand] = useState<{ parts: number[]; load: number } | null>(null);
  const keys = recipe?.parts.map((part) => part.paint) ?? [];
  const table = useMixTable(piece, keys, pile.over, open);
  const paintOf = (key: string) => paints.find((p) => p.key === key);
  const allWords = (key: string) => paintOf(key)?.words ?? key.replaceAll("-", " ");
  const given = useMemo(
    () => ({ parts: recipe?.parts.map((part) => part.parts) ?? [], load: recipe?.load ?? 1 }),
    [recipe],
  );
  if (!recipe) return null;
  const now = hand ?? given;
  const seen = hand && table.data ? looks(table.data, now.parts, now.load) : null;
  const dry = seen?.dry ?? recipe.lab;
  const wet = seen?.wet ?? recipe.labWet;
  const value = seen?.dry[3] ?? recipe.value;
  const off = value - pile.value;
  const change = (to: Partial<typeof now>) => setHand({ ...now, ...to });
  return (
    <article className={classes.pile}>
      <figure className={classes.looks}>
        <div className={classes.swatch}>
          <span style={{ background: css(pile.over) }} title="What lies there" />
          <span style={{ background: css(pile.target) }} title="The target" />
          <span data-look="dry" style={{ background: css(dry) }} title="Dry" />
          {!sticks && <span style={{ background: css(wet) }} title="Wet" />}
        </div>
        <figcaption className={classes.swatch}>
          <span>there</span>
          <span>wanted</span>
          <span>{sticks ? "laid" : "dry"}</span>
          {!sticks && <span>wet</span>}
        </figcaption>
      </figure>
      <div>
        <h3>{name}</h3>
        <p className={classes.parts}>
          {recipe.parts.map(({ paint }, k) => (
            <span key={paint}>
              <Stroke
                parts={(now.parts[k] ?? 0) * (sticks ? 6 : 1)}
                colour={css(paintOf(paint)?.strong ?? [50, 0, 0])}
              />
              <b>
                {sticks
                  ? pressureWords(now.parts[k] ?? 0)
                  : hand
                    ? (now.parts[k] ?? 0).toFixed(1)
                    : partWords(now.parts[k] ?? 0)}
              </b>{" "}
              {paintOf(paint)?.words}
            </span>
          ))}
        </p>
        <p>
          <b>{value.toFixed(1)}</b>
          {sticks ? (
            ` with ${recipe.layers === 1 ? "one stick" : `${recipe.layers} sticks, in this order`}`
          ) : (
            <>
              {" "}
              dry, mix it at <b>{(seen?.wet[3] ?? recipe.valueWet).toFixed(1)}</b> wet ·{" "}
              <b>{pile.ml.toFixed(1)} ml</b> · {layerWords(recipe.layers)}
            </>
          )}
          {pile.graded && `, graded ${pile.graded[0]?.toFixed(1)} to ${pile.graded[1]?.toFixed(1)}`}
        </p>
        <p>
          {!sticks && (
            <button type="button" className="act" aria-expanded={open} onClick={onOpen}>
              {open ? "close" : "by hand"}
            </button>
          )}
          {pile.recipes.length > 1 && (
            <button
              type="button"
              className="act"
              onClick={() => {
                setHand(null);
                setChosen((chosen + 1) % pile.recipes.length);
              }}
            >
              another way ({chosen + 1} of {pile.recipes.length})
            </button>
          )}
          {recipe.says && <span className="quiet">{recipe.says}</span>}
        </p>
        {pile.dust && (
          <p className="quiet">
            leaves {Math.round(100 * pile.dust.tooth)} % of the tooth · rubbed with a finger{" "}
            {pile.dust.rubbed.toFixed(1)}, fixed {pile.dust.fixed.toFixed(1)}
          </p>
        )}
        {pile.liftsTo != null && (
          <p className="quiet">
            lifts back to {pile.liftsTo.toFixed(1)} when dry
            {(pile.grain ?? 0) > 1.5 && `, settles in grains of ±${pile.grain?.toFixed(0)} L*`}
          </p>
        )}
        {again && pile.again && (
          <p>
            Or {again} again, {pile.again.strength < 0.95 ? "with more water" : "stronger"}: ΔE{" "}
            {pile.again.deltaE.toFixed(1)}.
          </p>
        )}
        {pile.helps && chosen === 0 && (
          <p>
            This palette misses it by ΔE {recipe.deltaE.toFixed(1)}; with {pile.helps.words} it
            would be {pile.helps.deltaE.toFixed(1)}.
          </p>
        )}
        {open && (
          <div className={classes.hand}>
            {recipe.parts.map(({ paint }, k) => (
              <label key={paint}>
                {paintOf(paint)?.words}
                <input
                  type="range"
                  min={0}
                  max={12}
                  step={0.1}
                  value={now.parts[k] ?? 0}
                  onChange={(event) => {
                    const start = performance.now();
                    const to = event.currentTarget.valueAsNumber;
                    change({ parts: now.parts.map((p, n) => (n === k ? to : p)) });
                    requestAnimationFrame(() =>
                      performance.measure("mixed", { start, end: performance.now() }),
                    );
                  }}
                />
              </label>
            ))}
            <span>
              <button
                type="button"
                className="act"
                onClick={() => change({ load: now.load / STEP })}
              >
                thinner
              </button>
              <button
                type="button"
                className="act"
                onClick={() => change({ load: now.load * STEP })}
              >
                stronger
              </button>
              {hand && (
                <button type="button" className="act" onClick={() => setHand(null)}>
                  as it was
                </button>
              )}
            </span>
          </div>
        )}
        {open && (
          <Ways
            piece={piece}
            mixture={{
              parts: recipe.parts,
              load: recipe.load,
              target: pile.target,
              over: pile.over,
            }}
            words={(key) => allWords(key)}
          />
        )}
      </div>
      <p className={classes.off}>
        off by {Math.abs(off).toFixed(1)}
        {!seen && `, ΔE ${recipe.deltaE.toFixed(1)}`}
        <br />
        {pile.bandKept ? "stays in " : "leaves "}
        <b>{bandName(pile.band, bands.length + 1).toLowerCase()}</b>
      </p>
    </article>
  );
}

const layerWords = (layers: number) => (layers === 1 ? "one layer" : `${layers} layers`);

/** A brush stroke whose length is the part. */
function Stroke({ parts, colour }: { parts: number; colour: string }) {
  const long = 12 + 9 * Math.min(8, parts);
  return (
    <svg width={long} height={12} viewBox={`0 0 ${long} 12`} aria-hidden="true">
      <path
        d={`M4 2.5Q1 6 3 9.5Q${long / 2} 11.5 ${long - 5} 10L${long - 1} 7.5L${long - 4} 6L${long} 4Q${long / 2} 0.5 4 2.5Z`}
        fill={colour}
        stroke="var(--line)"
        strokeWidth={0.8}
      />
    </svg>
  );
}
