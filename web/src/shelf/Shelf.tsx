import { Box, Group, Title } from "@mantine/core";
import { useState } from "react";
import { useSearchParams } from "react-router";
import type { Shelf as Found, ShelfItem } from "../api/client";
import { Act } from "../parts/Act";
import { FilePick } from "../parts/FilePick";
import { Frame, HOME } from "../parts/Frame";
import { useKeys } from "../parts/keys";
import { ProblemNote } from "../parts/Problem";
import { History } from "../pieces/History";
import { Rich, say } from "../words/say";
import { AddItem } from "./AddItem";
import { ItemRow } from "./ItemRow";
import { PaintDetail } from "./PaintDetail";
import classes from "./shelf.module.css";
import { useShelf, useShelfChanges } from "./useShelf";

const KINDS = [
  { kind: "paint", words: say("shelf-paints") },
  { kind: "stick", words: say("shelf-sticks") },
  { kind: "surface", words: say("shelf-surfaces") },
  { kind: "tool", words: say("shelf-tools") },
] as const;

type Changes = ReturnType<typeof useShelfChanges>;

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
  return (
    <Frame name="Washboard" stages={HOME}>
      {found.error && <ProblemNote>{found.error.message}</ProblemNote>}
      <main className={classes.shelf} aria-busy={found.isPending}>
        <section>
          <Head
            shelf={shelf}
            changes={changes}
            adding={adding}
            onAdding={() => setAdding(!adding)}
          />
          {changes.take.data && (
            <Box component="p" py={10}>
              {say("shelf-taken", {
                added: changes.take.data.added,
                updated: changes.take.data.updated,
                same: changes.take.data.same,
              })}{" "}
              {changes.take.data.notes.join(" ")}
            </Box>
          )}
          {adding && (
            <AddItem
              busy={changes.add.isPending}
              onAdd={(item) => changes.add.mutate([item], { onSuccess: () => setAdding(false) })}
            />
          )}
          {shelf && items.length === 0 && !adding && (
            <Box component="p" py={10} maw="46ch" fz={17}>
              {say("shelf-nothing-stands-here")}
            </Box>
          )}
          {shelf && (
            <Things
              shelf={shelf}
              chosen={chosen?.key}
              onChoose={(thing) => setQuery({ thing }, { replace: true })}
              onLeft={(key, left) => changes.change.mutateAsync({ key, told: { left } })}
            />
          )}
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

interface HeadProps {
  shelf: Found | undefined;
  changes: Changes;
  adding: boolean;
  onAdding: () => void;
}

const exported = (ending: string, words: string) => (
  <a href={`/api/shelf/export/shelf.${ending}`} download>
    {words}
  </a>
);

/** What can be done with the shelf as a whole. */
function Head({ shelf, changes, adding, onAdding }: HeadProps) {
  return (
    <Group className={classes.head} gap="4 20" align="baseline">
      <Title flex={1}>{say("shelf-shelf")}</Title>
      <Act aria-expanded={adding} onClick={onAdding}>
        {adding ? say("shelf-close") : say("shelf-add-something")}
      </Act>
      {/* Only once it is known what stands there: changes name the revision they are made on. */}
      {shelf && (
        <FilePick
          words={say("shelf-import")}
          label={say("shelf-shelf-csv-cxf")}
          accept=".csv,.cxf"
          onFile={(file) => changes.take.mutate(file)}
        />
      )}
      <span>
        <Rich
          words={say("shelf-export")}
          parts={{
            csv: (words) => exported("csv", words),
            cxf: (words) => exported("cxf", words),
          }}
        />
      </span>
      <History
        undo={shelf?.undo}
        redo={shelf?.redo}
        onUndo={() => changes.step.mutate("undo")}
        onRedo={() => changes.step.mutate("redo")}
      />
    </Group>
  );
}

interface ThingsProps {
  shelf: Found;
  chosen: string | undefined;
  onChoose: (key: string) => void;
  onLeft: (key: string, left: number | null) => Promise<unknown>;
}

/** Everything on the shelf, by kind and set. */
function Things({ shelf, chosen, onChoose, onLeft }: ThingsProps) {
  const twins = new Map(shelf.duplicates.flatMap((group) => group.map((key) => [key, group])));
  const named = (key: string) => shelf.items.find((i) => i.key === key)?.name ?? key;
  return KINDS.map(({ kind, words }) => {
    const own = shelf.items.filter((item) => item.kind === kind);
    if (own.length === 0) return null;
    return (
      <Box component="section" key={kind} pt={12}>
        <Title order={3}>{words}</Title>
        {grouped(own).map(([set, things]) => (
          <div key={set}>
            {set && (
              <Title order={4} pt={6} c="dimmed">
                {set}
              </Title>
            )}
            {things.map((item) => (
              <ItemRow
                key={item.key}
                item={item}
                chosen={item.key === chosen}
                twins={(twins.get(item.key) ?? []).filter((k) => k !== item.key).map(named)}
                onChoose={() => onChoose(item.key)}
                onLeft={(left) => onLeft(item.key, left)}
              />
            ))}
          </div>
        ))}
      </Box>
    );
  });
}

/** Things by their set, those without one first. */
function grouped(items: readonly ShelfItem[]): [string, ShelfItem[]][] {
  const sets = new Map<string, ShelfItem[]>();
  for (const item of items) sets.set(item.set, [...(sets.get(item.set) ?? []), item]);
  return [...sets].sort(([a], [b]) => a.localeCompare(b));
}
