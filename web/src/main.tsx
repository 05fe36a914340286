import "@fontsource-variable/bricolage-grotesque/wdth.css";
import "@fontsource-variable/hanken-grotesk/wght.css";
import "./theme/mantine";
import "./theme/theme.css";
import "./theme/print.css";
// Controls come before what stages change of them.
import "./theme/controls.module.css";
import "./theme/touch.css";
import { LANGUAGES, language, region } from "./words/language";
import { learn } from "./words/say";

// What the page says is there before the page is: much of it stands in tables.
const spoken = await language();
const { locale, words } = LANGUAGES[spoken] ?? (LANGUAGES.en as (typeof LANGUAGES)[string]);
learn(await (await fetch(words)).text(), locale, region(spoken, locale));
document.documentElement.lang = spoken;
const { show } = await import("./Desk");
show(document.getElementById("root") as HTMLElement);
