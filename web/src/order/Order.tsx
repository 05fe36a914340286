import { useCallback, useEffect, useRef, useState } from "react";
import { useSearchParams } from "react-router";
import type { Plan } from "../api/client";
import { useKeys } from "../parts/keys";
import { minutes } from "../parts/time";
import { useRoom } from "../pieces/PieceRoom";
import { Actions } from "./Actions";
import { Below, Tabs, usePart } from "./Below";
import { MoveNote, useMove } from "./Move";
import classes from "./order.module.css";
import { PassNote } from "./PassNote";
import { rowsOf } from "./rows";
import { type Looking, Stage } from "./Stage";
import { Toggles } from "./Toggles";
import { Washboard } from "./Washboard";

const PACE = 900;

/** The Order stage: the picture after the selected pass, the washboard, the pass in words. */
export function Order() {
  const { piece, plan, changes } = useRoom();
  const passes = plan.document.passes;
  const [query, setQuery] = useSearchParams();
  const given = Number.parseInt(query.get("pass") ?? "", 10);
  const pass = Number.isNaN(given) ? passes.length : Math.min(passes.length, Math.max(0, given));
  const [mass, setMass] = useState<string | null>(null);
  const [looking, setLooking] = useState<Looking>({
    values: query.get("look") === "values",
    reference: query.get("look") === "reference",
    squint: false,
    outlines: false,
  });
  const [playing, setPlaying] = useState(false);
  const move = useMove(piece, plan, changes);
  const go = useCallback(
    (to: number) =>
      setQuery(
        (before) => {
          before.set("pass", String(Math.min(passes.length, Math.max(0, to))));
          return before;
        },
        { replace: true },
      ),
    [passes.length, setQuery],
  );
  // Two quick presses must be two steps, though the address follows a moment later.
  const at = useRef(pass);
  at.current = pass;
  const walk = (by: number) => {
    at.current = Math.min(passes.length, Math.max(0, at.current + by));
    go(at.current);
  };
  const { part, turn } = usePart();
  const toggle = (what: keyof Looking) => setLooking((now) => ({ ...now, [what]: !now[what] }));
  const step = (by: number) => {
    const order = rowsOf(plan, true).map((row) => row.id);
    const at = mass ? order.indexOf(mass) : -1;
    setMass(order[(at + by + order.length) % order.length] ?? null);
  };
  useKeys({
    ArrowLeft: (down) => down && walk(-1),
    ArrowRight: (down) => down && walk(1),
    ArrowUp: (down) => down && step(-1),
    ArrowDown: (down) => down && step(1),
    q: (down) => setLooking((now) => ({ ...now, squint: down })),
    v: () => toggle("values"),
    r: () => toggle("reference"),
    o: () => toggle("outlines"),
    p: () => setPlaying((now) => !now),
    f: () => turn("findings"),
  });
  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => (pass < passes.length ? go(pass + 1) : setPlaying(false)), PACE);
    return () => clearTimeout(timer);
  }, [playing, pass, passes.length, go]);
  const done = passes[pass - 1];
  return (
    <div className={classes.order}>
      <div>
        <Stage
          piece={piece}
          plan={plan}
          pass={pass}
          mass={mass}
          looking={looking}
          onMass={setMass}
        />
        <div className={classes.caption}>
          <span>
            {pass ? (
              <>
                As it should look{" "}
                <b>
                  after pass {pass} of {passes.length}
                </b>
                , dry
              </>
            ) : (
              <b>{plan.document.toning ? "The ground" : "The bare surface"}</b>
            )}
          </span>
          <Toggles
            looking={looking}
            onToggle={toggle}
            onSquint={(on) => setLooking((now) => ({ ...now, squint: on }))}
          />
        </div>
        {done ? (
          <PassNote piece={piece} plan={plan} done={done} changes={changes} />
        ) : (
          <Before plan={plan} />
        )}
      </div>
      <div className={classes.right}>
        <Actions piece={piece} plan={plan} changes={changes} />
        <Washboard
          plan={plan}
          pass={pass}
          mass={mass}
          rows={part === "areas" || part === "masses" ? part : null}
          onPass={go}
          onMass={setMass}
          onDrag={move.drag}
        >
          <Tabs piece={piece} plan={plan} part={part} onTurn={turn} />
          <MoveNote move={move} plan={plan} />
        </Washboard>
        <Below
          piece={piece}
          plan={plan}
          part={part}
          pass={pass}
          mass={mass}
          move={move}
          changes={changes}
          onPass={go}
          onMass={setMass}
        />
      </div>
    </div>
  );
}

/** What is done before the first pass: the ground is laid, or nothing. */
function Before({ plan }: { plan: Plan }) {
  const { toning } = plan.document;
  return (
    <p>
      {toning
        ? `${toning.what} ${minutes(toning.minutes)} of work, ${minutes(toning.wait)} to dry. `
        : "Nothing is laid yet. "}
      Press → or choose a ridge.
    </p>
  );
}
