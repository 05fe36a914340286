import { useState } from "react";
import { useSearchParams } from "react-router";
import type { ShelfItem } from "../api/client";
import { FilePick } from "../parts/FilePick";
import { Frame, HOME } from "../parts/Frame";
import { useKeys } from "../parts/keys";
import { ProblemNote } from "../parts/Problem";
import { AddItem } from "./AddItem";
import { ItemRow } from "./ItemRow";
import { PaintDetail } from "./PaintDetail";
import classes from "./shelf.module.css";
import { useShelf, useShelfChanges } from "./useShelf";

const KINDS = [
  { kind: "paint", words: "Paints" },
  { kind: "stick", words: "Sticks" },
  { kind: "surface", words: "Surfaces" },
  { kind: "tool", words: "Tools" },
] as const;

/** What the painter owns: every paint as its drawdown over a black line, the rest below, one in detail. */
export function Shelf() {
  const found = useShelf();
  const changes = useShelfChanges();
  const [query, setQuery] = useSearchParams();
  const [adding, setAdding] = useState(false);
  const shelf = found.data;
  useKeys({
    undo: (down) => down && shelf?.undo && changes.step.mutate("undo"),
    redo: (down) => down && shelf?.redo && changes.step.mutate("redo"),
  });
  const items = shelf?.items ?? [];
  const chosen =
    items.find((i) => i.key === query.get("thing")) ?? items.find((i) => i.kind === "paint");
  const doubles = new Map(
    (shelf?.duplicates ?? []).flatMap((group) => group.map((k) => [k, group])),
  );
  const named = (key: string) => items.find((i) => i.key === key)?.name ?? key;
  return (
    <Frame name="Washboard" stages={HOME}>
      {changes.problem && (
        <ProblemNote onClose={changes.forget}>{changes.problem.message}</ProblemNote>
      )}
      {found.error && <ProblemNote>{found.error.message}</ProblemNote>}
      <main className={classes.shelf} aria-busy={found.isPending}>
        <section>
          <div className={classes.head}>
            <h1>Shelf</h1>
            <button
              type="button"
              className="act"
              aria-expanded={adding}
              onClick={() => setAdding(!adding)}
            >
              {adding ? "close" : "add something"}
            </button>
            {/* Only once it is known what stands there: changes name the revision they are made on. */}
            {shelf && (
              <FilePick
                words="take in a file"
                label="A shelf as CSV or CxF"
                accept=".csv,.cxf"
                onFile={(file) => changes.take.mutate(file)}
              />
            )}
            <span>
              out as{" "}
              <a href="/api/shelf/export/shelf.csv" download>
                CSV
              </a>{" "}
              or{" "}
              <a href="/api/shelf/export/shelf.cxf" download>
                CxF
              </a>
            </span>
            <button
              type="button"
              className="act"
              disabled={!shelf?.undo}
              title={shelf?.undo ?? ""}
              onClick={() => changes.step.mutate("undo")}
            >
              undo
            </button>
            <button
              type="button"
              className="act"
              disabled={!shelf?.redo}
              title={shelf?.redo ?? ""}
              onClick={() => changes.step.mutate("redo")}
            >
              redo
            </button>
          </div>
          {changes.take.data && (
            <p className={classes.note}>
              {changes.take.data.added} added, {changes.take.data.updated} changed,{" "}
              {changes.take.data.same} as they were. {changes.take.data.notes.join(" ")}
            </p>
          )}
          {adding && (
            <AddItem
              busy={changes.add.isPending}
              onAdd={(item) => changes.add.mutate([item], { onSuccess: () => setAdding(false) })}
            />
          )}
          {shelf && items.length === 0 && !adding && (
            <p className={classes.empty}>
              Nothing stands here yet. Add the paints you own, or take them in from a CSV or CxF
              file: recipes then use your tubes, and pieces say whether enough is left.
            </p>
          )}
          {KINDS.map(({ kind, words }) => {
            const own = items.filter((item) => item.kind === kind);
            return own.length === 0 ? null : (
              <section key={kind} className={classes.kind}>
                <h2>{words}</h2>
                {grouped(own).map(([set, things]) => (
                  <div key={set}>
                    {set && <h3>{set}</h3>}
                    {things.map((item) => (
                      <ItemRow
                        key={item.key}
                        item={item}
                        chosen={item.key === chosen?.key}
                        twins={(doubles.get(item.key) ?? [])
                          .filter((k) => k !== item.key)
                          .map(named)}
                        onChoose={() => setQuery({ thing: item.key }, { replace: true })}
                        onLeft={(left) => changes.change.mutate({ key: item.key, told: { left } })}
                      />
                    ))}
                  </div>
                ))}
              </section>
            );
          })}
        </section>
        {shelf && chosen && (
          <PaintDetail
            key={chosen.key}
            item={chosen}
            revision={shelf.revision}
            onChange={(told) => changes.change.mutate({ key: chosen.key, told })}
            onRemove={() => changes.remove.mutate(chosen.key)}
          />
        )}
      </main>
    </Frame>
  );
}

/** Things by their set, those without one first. */
function grouped(items: readonly ShelfItem[]): [string, ShelfItem[]][] {
  const sets = new Map<string, ShelfItem[]>();
  for (const item of items) sets.set(item.set, [...(sets.get(item.set) ?? []), item]);
  return [...sets].sort(([a], [b]) => a.localeCompare(b));
}
