import { type FormEvent, useState } from "react";
import type { ShelfGiven } from "../api/client";
import classes from "./shelf.module.css";
import { useListed } from "./useShelf";

const KINDS = ["paint", "stick", "surface", "tool"] as const;
type Kind = (typeof KINDS)[number];

/** Something new on the shelf: what it is like says all the rest; a colour of one's own can be told besides. */
export function AddItem({ busy, onAdd }: { busy: boolean; onAdd: (item: ShelfGiven) => void }) {
  const listed = useListed();
  const [kind, setKind] = useState<Kind>("paint");
  const [like, setLike] = useState("");
  const [name, setName] = useState("");
  const [medium, setMedium] = useState("watercolour");
  const [left, setLeft] = useState("");
  const [set, setSet] = useState("");
  const [lab, setLab] = useState(["", "", ""]);
  const own = (listed.data ?? []).filter((l) => l.kind === kind);
  const found = own.find((l) => l.words === like);
  const media = found?.media ?? [];
  const inMedium = media.includes(medium) ? medium : (media[0] ?? "");
  const coloured = lab.every((c) => c !== "" && Number.isFinite(Number(c)));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!found) return;
    onAdd({
      kind,
      name: name.trim() || found.words,
      like: found.key,
      medium: kind === "tool" ? "" : inMedium,
      set: set.trim(),
      left: left === "" ? null : Number(left),
      note: "",
      lab: kind === "paint" && coloured ? (lab.map(Number) as [number, number, number]) : null,
    });
  };
  return (
    <form className={classes.add} onSubmit={submit}>
      <fieldset>
        <legend className="unseen">What is it?</legend>
        {KINDS.map((k) => (
          <label key={k}>
            <input
              type="radio"
              name="kind"
              checked={kind === k}
              onChange={() => {
                setKind(k);
                setLike("");
              }}
            />
            {k}
          </label>
        ))}
      </fieldset>
      <label>
        {kind === "paint" ? "The pigment it is made of, or nearest to" : "It is like"}
        <input
          list="listed"
          value={like}
          placeholder="type a few letters"
          onChange={(event) => setLike(event.currentTarget.value)}
        />
        <datalist id="listed">
          {own.map((l) => (
            <option key={l.key} value={l.words} label={l.index} />
          ))}
        </datalist>
      </label>
      {media.length > 1 && (
        <label>
          Medium
          <select value={inMedium} onChange={(event) => setMedium(event.currentTarget.value)}>
            {media.map((m) => (
              <option key={m}>{m}</option>
            ))}
          </select>
        </label>
      )}
      <label>
        Your name for it
        <input
          value={name}
          maxLength={80}
          placeholder={found?.words}
          onChange={(event) => setName(event.currentTarget.value)}
        />
      </label>
      <label>
        Left{kind === "paint" ? ", ml" : ""}
        <input
          type="number"
          min={0}
          step="any"
          value={left}
          onChange={(event) => setLeft(event.currentTarget.value)}
        />
      </label>
      <label>
        Set
        <input value={set} maxLength={80} onChange={(event) => setSet(event.currentTarget.value)} />
      </label>
      {kind === "paint" && (
        <fieldset className={classes.lab}>
          <legend>Its colour as it comes, over white, if you have it measured</legend>
          {["L*", "a*", "b*"].map((channel, k) => (
            <input
              key={channel}
              type="number"
              step="any"
              aria-label={channel}
              placeholder={channel}
              value={lab[k]}
              onChange={(event) => setLab(lab.map((c, n) => (n === k ? event.target.value : c)))}
            />
          ))}
        </fieldset>
      )}
      <button type="submit" disabled={!found || busy}>
        Put it on the shelf
      </button>
      {found && <p className="quiet">{found.says}. Modelled, not measured.</p>}
    </form>
  );
}
