import { FluentBundle, FluentNumber, FluentResource } from "@fluent/bundle";
import type { ReactNode } from "react";
import type { Patterns } from "./patterns";

const LANGUAGE = "en-GB";
const bundle = new FluentBundle(LANGUAGE, { useIsolating: false });
const or = new Intl.ListFormat(LANGUAGE, { type: "disjunction" });
const and = new Intl.ListFormat(LANGUAGE);

type Value = string | number | FluentNumber;
/** The values that a pattern names: none, or all of them. */
type Given<Key extends keyof Patterns> = [Patterns[Key]] extends [never]
  ? []
  : [Record<Patterns[Key], Value>];

/** Take in a catalogue; whatever is said before is said in keys. */
export const learn = (catalogue: string) => bundle.addResource(new FluentResource(catalogue));

/** What stands on the page: a pattern of the catalogue by its key, with the values that it names. */
export function say<Key extends keyof Patterns>(key: Key, ...[values]: Given<Key>): string {
  const pattern = bundle.getMessage(key)?.value;
  return pattern ? bundle.formatPattern(pattern, withoutSigns(values ?? {})) : key;
}

/** Nothing is never told as less than nothing, -0. */
const withoutSigns = (values: Record<string, Value>) =>
  Object.fromEntries(
    Object.entries(values).map(([name, value]) => [name, value === 0 ? 0 : value]),
  );

/** A number with this many digits after the point. */
export const rounded = (number: number, digits: number) =>
  new FluentNumber(Number(number.toFixed(digits)) + 0, {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  });

/** Several in a row: a, b and c. */
export const listed = (words: Iterable<string>) => and.format(words);

/** One of several: a, b or c. */
export const either = (words: Iterable<string>) => or.format(words);

type Made = (inside: string) => ReactNode;

interface RichProps {
  words: string;
  /** What stands in the sentence for each tag besides `<b>`, made of the words inside. */
  parts?: Record<string, Made>;
}

const BOLD: Record<string, Made> = { b: (inside) => <b>{inside}</b> };
const TAGGED = /<(\w+)>(.*?)<\/\1>/;

/** A sentence with parts between tags, as `<crop>crop to it</crop>`, which are made into more than words. */
export function Rich({ words, parts }: RichProps): ReactNode {
  const found = TAGGED.exec(words);
  if (!found) return words;
  const [whole, tag = "", inside = ""] = found;
  const made = { ...BOLD, ...parts }[tag];
  return (
    <>
      {words.slice(0, found.index)}
      {made?.(inside) ?? inside}
      <Rich words={words.slice(found.index + whole.length)} parts={parts} />
    </>
  );
}
