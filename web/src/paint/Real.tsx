import { Title } from "@mantine/core";
import type { Easel } from "../api/client";
import { minutes } from "../parts/time";
import { rounded, say } from "../words/say";
import classes from "./paint.module.css";

/** Planned and real minutes of what is done. */
export function Real({ easel }: { easel: Easel }) {
  const known = easel.real.filter((one) => one.real !== null);
  const most = Math.max(1, ...known.map((one) => Math.max(one.real ?? 0, one.planned)));
  return (
    <>
      <Title order={3}>{say("real-planned-real")}</Title>
      {known.length === 0 && <p className="quiet">{say("real-nothing-timed")}</p>}
      {known.length > 1 && (
        <p>
          {say("real-together", {
            real: minutes(known.reduce((sum, one) => sum + (one.real ?? 0), 0)),
            planned: minutes(known.reduce((sum, one) => sum + one.planned, 0)),
          })}
        </p>
      )}
      {known.map((one) => (
        <div key={one.id} className={classes.real}>
          <span>{one.title}</span>
          <span className={classes.bar} aria-hidden="true">
            <i style={{ width: `${(100 * (one.real ?? 0)) / most}%` }} />
            <u style={{ left: `${(100 * one.planned) / most}%` }} />
          </span>
          <span>
            {say("real-minutes", {
              real: rounded(one.real ?? 0, 0),
              planned: rounded(one.planned, 0),
            })}
            {one.wait !== null && one.wait >= 1 && (
              <>
                <br />
                {say("real-waited", {
                  wait: rounded(one.wait, 0),
                  planned: rounded(one.waitPlanned, 0),
                })}
              </>
            )}
            {one.ml !== null && (
              <>
                <br />
                {say("real-mixed", { ml: rounded(one.ml, 1) })}
              </>
            )}
          </span>
        </div>
      ))}
    </>
  );
}
