import words from "../../src/washboard/words/en/page/page.ftl?raw";
import { learn } from "../src/words/say";

learn(words);
