import { Tooltip } from "@mantine/core";
import type { ReactElement } from "react";
import { useCatalogue } from "../api/hooks";
import classes from "./parts.module.css";

const EVENTS = { hover: true, focus: true, touch: true };

/** What a word of the craft means, or nothing for any other word; plurals are known by their singular. */
function useMeaning(word: string): string | undefined {
  const glossary = useCatalogue().data?.glossary ?? {};
  const plain = word
    .toLowerCase()
    .replace(/[^a-z ]/g, "")
    .trim();
  return (
    glossary[plain] ?? glossary[plain.replace(/(es|s)$/, "")] ?? glossary[plain.replace(/s$/, "")]
  );
}

/** A word that explains itself where it is touched, pointed at or reached by keyboard. */
export function Term({ children }: { children: string }) {
  const means = useMeaning(children);
  if (!means) return <>{children}</>;
  return (
    <Tooltip label={means} multiline maw={320} events={EVENTS}>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: the explanation is read by keyboard too. */}
      <span className={classes.term} tabIndex={0}>
        {children}
      </span>
    </Tooltip>
  );
}

/** A control whose word is explained as well. */
export function Explained({ word, children }: { word: string; children: ReactElement }) {
  const means = useMeaning(word);
  if (!means) return children;
  return (
    <Tooltip label={means} multiline maw={320} events={EVENTS}>
      {children}
    </Tooltip>
  );
}
