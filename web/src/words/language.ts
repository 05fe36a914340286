import german from "../../../src/washboard/words/de/page/page.ftl?url";
import english from "../../../src/washboard/words/en/page/page.ftl?url";

/** What each language is called in itself, its locale, and where its words are. */
export const LANGUAGES: Record<string, { called: string; locale: string; words: string }> = {
  en: { called: "English", locale: "en-GB", words: english },
  de: { called: "Deutsch", locale: "de-DE", words: german },
};

const KEPT = "language";
const PAINTER = "/api/painter";

const known = (language: string | null | undefined) =>
  language && language in LANGUAGES ? language : undefined;

/** What this browser would rather read. */
const preferred = () =>
  navigator.languages.map((one) => known(one.split("-")[0])).find(Boolean) ?? "en";

/** The browser's own kind of a language, as American English, or else its usual one. */
export const region = (spoken: string, usual: string) =>
  navigator.languages.find((one) => one.startsWith(`${spoken}-`)) ?? usual;

/** The language that the studio speaks; one that has not been told takes that of the browser, and a page
 * without the program the one that it had last. */
export async function language(): Promise<string> {
  const last = known(localStorage.getItem(KEPT));
  try {
    const answer = await fetch(PAINTER);
    const said = (await answer.json()) as { language: string; languageSaid: boolean };
    const own = said.languageSaid ? known(said.language) : preferred();
    if (!said.languageSaid && own !== said.language) await speak(own ?? "en");
    localStorage.setItem(KEPT, own ?? "en");
    return own ?? "en";
  } catch {
    return last ?? preferred();
  }
}

/** Let the studio speak another language from now on. */
export async function speak(language: string): Promise<void> {
  await fetch(PAINTER, {
    method: "PATCH",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ language }),
  });
}
