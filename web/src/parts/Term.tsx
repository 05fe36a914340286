import { Tooltip } from "@mantine/core";
import type { ReactElement } from "react";
import { useCatalogue } from "../api/hooks";
import classes from "./parts.module.css";

const EVENTS = { hover: true, focus: true, touch: true };

/** What a word of the glossary means, by its key there. */
const useMeaning = (word: string | undefined) => useCatalogue().data?.glossary[word ?? ""];

/** Words that explain themselves where they are touched, pointed at or reached by keyboard. */
export function Term({ word, children }: { word: string | undefined; children: string }) {
  const means = useMeaning(word);
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
export function Explained({
  word,
  children,
}: {
  word: string | undefined;
  children: ReactElement;
}) {
  const means = useMeaning(word);
  if (!means) return children;
  return (
    <Tooltip label={means} multiline maw={320} events={EVENTS}>
      {children}
    </Tooltip>
  );
}
