import "@fontsource-variable/bricolage-grotesque/wdth.css";
import "@fontsource-variable/hanken-grotesk/wght.css";
import "./theme/mantine";
import "./theme/theme.css";
// Controls come before what stages change of them.
import "./theme/controls.module.css";
import english from "../../src/washboard/words/en/page/page.ftl?url";
import { learn } from "./words/say";

// What the page says is there before the page is: much of it stands in tables.
learn(await (await fetch(english)).text());
const { show } = await import("./Desk");
show(document.getElementById("root") as HTMLElement);
