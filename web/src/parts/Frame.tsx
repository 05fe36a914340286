import type { ReactNode } from "react";
import { NavLink } from "react-router";
import { SURROUNDS, useSurround } from "../theme/surround";
import { KeysDialog } from "./KeysDialog";
import classes from "./parts.module.css";

const TONES = { light: "#d4d4d4", middle: "#919191", dark: "#474747" };

export interface Stage {
  to: string;
  words: string;
}

/** The places outside of any piece. */
export const HOME: Stage[] = [
  { to: "/", words: "Pieces" },
  { to: "/shelf", words: "Shelf" },
];

interface Props {
  name: string;
  stages: Stage[];
  facts?: ReactNode;
  children: ReactNode;
}

/** The head of every page: the piece's own name, its stages, its facts, the surround. */
export function Frame({ name, stages, facts, children }: Props) {
  const [surround, setSurround] = useSurround();
  return (
    <>
      <header className={classes.header}>
        <NavLink to="/" className={classes.name} title="All pieces" end>
          {name}
        </NavLink>
        <nav className={classes.stages} aria-label="Stages">
          {stages.map(({ to, words }) => (
            <NavLink key={to} to={to} end>
              {words}
            </NavLink>
          ))}
        </nav>
        {facts && <span className={classes.facts}>{facts}</span>}
        <fieldset className={classes.surrounds} style={{ border: 0, margin: 0, paddingInline: 0 }}>
          <legend className="unseen">Surround</legend>
          {SURROUNDS.map((tone) => (
            <button
              key={tone}
              type="button"
              aria-pressed={surround === tone}
              aria-label={`${tone} surround`}
              style={{ background: TONES[tone] }}
              onClick={() => setSurround(tone)}
            />
          ))}
        </fieldset>
      </header>
      {children}
      <KeysDialog />
    </>
  );
}
