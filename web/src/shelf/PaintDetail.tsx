import { useState } from "react";
import type { PaintDetail as Detail, ShelfItem } from "../api/client";
import { css } from "../parts/colour";
import { ProblemNote } from "../parts/Problem";
import { Calibration } from "./Calibration";
import classes from "./shelf.module.css";
import { type Told, usePaintDetail } from "./useShelf";

interface Props {
  item: ShelfItem;
  revision: number;
  onChange: (told: Told) => void;
  onRemove: () => void;
}

/** The thing at hand: names and notes; of a paint how it thins, tints and lies over grounds, and its strip. */
export function PaintDetail({ item, revision, onChange, onRemove }: Props) {
  return (
    <section className={classes.detail}>
      <h2>{item.name}</h2>
      <p>
        {item.says}
        {item.kind === "paint" &&
          (item.measured
            ? ". Measured: your own swatches."
            : ". Modelled as the listed pigment, not measured.")}
      </p>
      {item.kind === "paint" && <Looks item={item} revision={revision} />}
      <div className={classes.facts}>
        <Fact label="Name" value={item.name} onTell={(name) => name && onChange({ name })} />
        <Fact label="Set" value={item.set} onTell={(set) => onChange({ set })} />
        <Fact label="Note" value={item.note} onTell={(note) => onChange({ note })} />
        <button type="button" className="act" onClick={onRemove}>
          take it off the shelf
        </button>
      </div>
    </section>
  );
}

/** Lamps of the standard tables in words; all others go by their own name. */
const LAMPS: Record<string, string> = {
  A: "a tungsten lamp (A)",
  D50: "warm daylight (D50)",
  D65: "daylight (D65)",
  D75: "north light (D75)",
};

interface FactProps {
  label: string;
  value: string;
  onTell: (to: string) => void;
}

function Fact({ label, value, onTell }: FactProps) {
  return (
    <label>
      {label}
      <input
        key={value}
        defaultValue={value}
        onBlur={(event) => {
          const to = event.currentTarget.value.trim();
          if (to !== value) onTell(to);
        }}
        onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
      />
    </label>
  );
}

function Looks({ item, revision }: { item: ShelfItem; revision: number }) {
  const [lamp, setLamp] = useState("D65");
  const found = usePaintDetail(item.key, revision, lamp);
  if (found.error) return <ProblemNote>{found.error.message}</ProblemNote>;
  const detail = found.data;
  if (!detail) return <p className="quiet">Working its looks out…</p>;
  return (
    <>
      <label className={classes.lamp}>
        Seen by{" "}
        <select value={lamp} onChange={(event) => setLamp(event.currentTarget.value)}>
          {detail.lamps.map((name) => (
            <option key={name} value={name}>
              {LAMPS[name] ?? name}
            </option>
          ))}
        </select>
      </label>
      <h3>Thinned over white</h3>
      <Row cells={detail.ramp.map(({ film, look }) => ({ look, words: filmWords(film) }))} />
      <h3>Tinted with white</h3>
      <Row
        cells={detail.tints.map(({ white, look }) => ({
          look,
          words: white === 0 ? "masstone" : `${Math.round(100 * white)} % white`,
        }))}
      />
      <h3>Over grounds, as it comes and thin</h3>
      <Grounds grounds={detail.grounds} />
      <Calibration item={item} strip={detail.strip} reader={detail.reader} />
    </>
  );
}

const filmWords = (film: number) =>
  film === 1 ? "as it comes" : `1 : ${Math.round(1 / film - 1)}`;

function Row({ cells }: { cells: { look: readonly number[]; words: string }[] }) {
  return (
    <div className={classes.looks}>
      {cells.map(({ look, words }) => (
        <figure key={words}>
          <span style={{ background: css(look) }} />
          <figcaption>
            <b>{look[3]?.toFixed(1)}</b> {words}
          </figcaption>
        </figure>
      ))}
    </div>
  );
}

function Grounds({ grounds }: { grounds: Detail["grounds"] }) {
  return (
    <div className={classes.looks}>
      {grounds.map(({ ground, lab, full, thin }) => (
        <figure key={ground}>
          <span className={classes.over} style={{ background: css(lab) }}>
            <span style={{ background: css(full) }} />
            <span style={{ background: css(thin) }} />
          </span>
          <figcaption>
            <b>{full[3]?.toFixed(1)}</b>, thin <b>{thin[3]?.toFixed(1)}</b>
          </figcaption>
        </figure>
      ))}
    </div>
  );
}
