import { FluentBundle, FluentNumber, FluentResource } from "@fluent/bundle";
import type { ReactNode } from "react";
import type { Patterns } from "./patterns";

let spoken = "en-GB";
/** Where the reader lives: clocks go by it, while numbers are written as the program's own sentences do. */
let regional = spoken;
let bundle = new FluentBundle(spoken, { useIsolating: false });

type Value = string | number | FluentNumber;
/** The values that a pattern names: none, or all of them. */
type Given<Key extends keyof Patterns> = [Patterns[Key]] extends [never]
  ? []
  : [Record<Patterns[Key], Value>];

/** Speak by a catalogue, in its locale, with the clock of where the reader lives; whatever is said before is
 * said in keys. */
export function learn(catalogue: string, locale = "en-GB", region = locale) {
  spoken = locale;
  regional = region;
  bundle = new FluentBundle(locale, { useIsolating: false });
  bundle.addResource(new FluentResource(catalogue));
}

/** A number in digits, with so many after the point or the comma. */
export const figure = (number: number, digits: number) =>
  (Number(number.toFixed(digits)) + 0).toLocaleString(spoken, {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
    useGrouping: false,
  });

/** A name as it stands inside a sentence: in German its first letter stays large. */
export const within = (name: string) =>
  spoken.startsWith("de") ? name : name.charAt(0).toLowerCase() + name.slice(1);

/** A moment by what is wanted of it. */
export const moment = (when: Date, wanted: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat(regional, wanted).format(when);

/** The time of day, by twelve or twenty-four hours as it is read there. */
export const clock = (when: Date) => moment(when, { hour: "2-digit", minute: "2-digit" });

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
export const listed = (words: Iterable<string>) => new Intl.ListFormat(spoken).format(words);

/** One of several: a, b or c. */
export const either = (words: Iterable<string>) =>
  new Intl.ListFormat(spoken, { type: "disjunction" }).format(words);

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
