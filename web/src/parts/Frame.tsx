import { Group, Toggle } from "@mantine/core";
import type { ReactNode } from "react";
import { NavLink } from "react-router";
import { SURROUNDS, useSurround } from "../theme/surround";
import { LANGUAGES, speak } from "../words/language";
import { say } from "../words/say";
import { Act } from "./Act";
import { KeysDialog } from "./KeysDialog";
import classes from "./parts.module.css";

const TONES = { light: "#d4d4d4", middle: "#919191", dark: "#474747" };

export interface Stage {
  to: string;
  words: string;
}

/** The places outside of any piece. */
export const HOME: Stage[] = [
  { to: "/", words: say("frame-pieces") },
  { to: "/shelf", words: say("frame-shelf") },
  { to: "/drills", words: say("frame-drills") },
  { to: "/devices", words: say("frame-devices") },
];

interface Props {
  name: string;
  stages: Stage[];
  facts?: ReactNode;
  children: ReactNode;
}

/** The head of every page: the piece's own name, its stages, its facts, the surround. */
export function Frame({ name, stages, facts, children }: Props) {
  return (
    <>
      <Group component="header" className={classes.header} px="lg">
        <NavLink to="/" className={classes.name} title={say("frame-all-pieces")} end>
          {name}
        </NavLink>
        <nav className={classes.stages} aria-label={say("frame-stages")}>
          {stages.map(({ to, words }) => (
            <NavLink key={to} to={to} end>
              {words}
            </NavLink>
          ))}
        </nav>
        {facts && <span className={classes.facts}>{facts}</span>}
        {stages === HOME && <Language />}
        <Surround />
      </Group>
      {children}
      <KeysDialog />
    </>
  );
}

/** Another language, by what it is called in itself. */
function Language() {
  const other = Object.entries(LANGUAGES).filter(([key]) => key !== document.documentElement.lang);
  return other.map(([key, { called }]) => (
    <Act key={key} lang={key} pb={12} onClick={() => speak(key).then(() => location.reload())}>
      {called}
    </Act>
  ));
}

/** The grey around everything, chosen by eye. */
function Surround() {
  const [surround, setSurround] = useSurround();
  return (
    <Group component="fieldset" gap={5} pb={9} wrap="nowrap">
      <legend className="unseen">{say("frame-surround")}</legend>
      {SURROUNDS.map((tone) => (
        <Toggle
          key={tone}
          className={classes.surround}
          active={surround === tone}
          aria-label={say(`frame-surround-${tone}`)}
          style={{ backgroundColor: TONES[tone] }}
          onClick={() => setSurround(tone)}
        />
      ))}
    </Group>
  );
}
