import { Button } from "@mantine/core";
import { useEffect, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import type { Logged } from "../along/store";
import { useAlong } from "../along/useAlong";
import type { EaselPass, Easel as EaselRead, Piece, Plan } from "../api/client";
import { usePiece } from "../api/hooks";
import { usePlan } from "../api/plan";
import { Stage } from "../order/Stage";
import { useEasel, useHeld } from "../paint/queries";
import { useKeys } from "../parts/keys";
import { Lights, useLit } from "../parts/lit";
import { ProblemNote } from "../parts/Problem";
import { Progress } from "../parts/Progress";
import { clock, say } from "../words/say";
import classes from "./easel.module.css";
import { Next } from "./Next";
import { useEaselWay } from "./useEaselWay";
import { Wrong } from "./Wrong";

/** The easel, full screen: the picture, the one next thing, and large buttons. */
export function Easel() {
  const { id = "" } = useParams();
  const piece = usePiece(id);
  const { plan, job, stop } = usePlan(id, piece.data?.revision);
  const easel = useEasel(id, plan.data?.key);
  const held = useHeld(id);
  const problem = piece.error ?? plan.error ?? (easel.data ? null : easel.error);
  useAwake();
  if (problem) return <ProblemNote>{problem.message}</ProblemNote>;
  if (!piece.data || !plan.data || !easel.data || !held)
    return <Progress piece={id} job={job} onStop={stop} />;
  return (
    <Lights>
      <AtEasel piece={piece.data} plan={plan.data} easel={easel.data} held={held} />
    </Lights>
  );
}

interface Props {
  piece: Piece;
  plan: Plan;
  easel: EaselRead;
  held: readonly Logged[];
}

function AtEasel({ piece, plan, easel, held }: Props) {
  const way = useEaselWay(piece.id, easel, held);
  const along = useAlong(piece, plan, easel);
  const [wrong, setWrong] = useState(false);
  const [touched, setTouched] = useState<readonly string[]>([]);
  const { light } = useLit();
  const navigate = useNavigate();
  const { first, where } = way;
  const stepped = where.at === "step" ? where.step.masses : undefined;
  const shown = wrong ? touched.join() : "";
  useEffect(() => light(shown ? { masses: shown.split(","), edges: [] } : null), [shown]);
  useKeys({ ArrowRight: (down) => down && way.done(), ArrowLeft: (down) => down && way.back() });
  const swipe = useSwipe(way.done, way.back);
  return (
    <main className={classes.easel} {...swipe}>
      <header>
        <b>{placeWords(easel, first)}</b> <span>{piece.name}</span>
        <span className={classes.side}>
          <span>
            {way.unsent > 0 ? say("easel-waits", { count: way.unsent }) : say(`easel-${along}`)}
          </span>{" "}
          {clockOf(way.clock)}
        </span>
      </header>
      <div
        className={classes.picture}
        style={{ "--ratio": plan.view.width / plan.view.height } as React.CSSProperties}
      >
        <Stage
          piece={piece}
          plan={plan}
          pass={first?.shows ?? plan.document.passes.length}
          looking={{
            values: false,
            reference: false,
            squint: false,
            // Before there is paint the sheet says nothing: outlines tell where one is.
            outlines: where.at !== "drying" && first?.steps[0]?.lays === false,
            where: !!first && !wrong && where.at !== "drying" && !first.id.startsWith("mend"),
            hand: true,
          }}
          tags={[]}
          only={stepped}
          onTouch={(mass) => wrong && setTouched(toggled(touched, mass))}
        />
      </div>
      {wrong ? (
        <Wrong
          easel={easel}
          plan={plan}
          masses={touched}
          onTouch={(mass) => setTouched(toggled(touched, mass))}
          onTell={(what) => {
            way.log("accident", { what, masses: touched, pass: first?.id });
            setTouched([]);
            setWrong(false);
          }}
          onBack={() => setWrong(false)}
        />
      ) : (
        <Next easel={easel} way={way} />
      )}
      {!wrong && (
        <nav className={classes.buttons} aria-label={say("easel-what-now")}>
          <Button variant="default" onClick={way.back} disabled={way.backs === 0}>
            {say("easel-back")}
          </Button>
          <Button
            variant="default"
            onClick={() => {
              way.stop();
              navigate(`/pieces/${piece.id}/paint`);
            }}
          >
            {say("easel-stop-here")}
          </Button>
          <Button variant="default" onClick={() => setWrong(true)}>
            {say("easel-went-wrong")}
          </Button>
          {first && (
            <Button variant="filled" className={classes.main} onClick={way.done}>
              {mainWords(where)}
            </Button>
          )}
        </nav>
      )}
    </main>
  );
}

/** With a mass that was not there, or without one that was. */
const toggled = (masses: readonly string[], mass: string) =>
  masses.includes(mass) ? masses.filter((one) => one !== mass) : [...masses, mass];

function placeWords({ passes, real }: EaselRead, first: EaselPass | undefined) {
  if (!first) return say("easel-all-done");
  const pass = real.length + passes.indexOf(first) + 1;
  return say("easel-pass", { pass, count: passes.length + real.length });
}

function mainWords(where: ReturnType<typeof useEaselWay>["where"]): string {
  if (where.at === "drying") return say("easel-dry-now");
  if (where.at === "begin") return say("easel-begin");
  if (where.at === "step" && where.next)
    return say("easel-done-next", { next: where.next.heading });
  return say("easel-done-drying");
}

const clockOf = (minutes: number) => clock(new Date(minutes * 60_000));

/** Keep the screen awake while the easel is open, where the device can. */
function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    navigator.wakeLock
      ?.request("screen")
      .then((given) => {
        lock = given;
      })
      .catch(() => undefined);
    return () => void lock?.release();
  }, []);
}

/** Pixels that a finger goes across to count as a swipe. */
const SWIPE = 80;

function useSwipe(onLeft: () => void, onRight: () => void) {
  const from = useRef<{ x: number; y: number } | null>(null);
  return {
    onTouchStart: ({ touches }: React.TouchEvent) => {
      const touch = touches.length === 1 ? touches[0] : undefined;
      from.current = touch ? { x: touch.clientX, y: touch.clientY } : null;
    },
    onTouchEnd: ({ changedTouches }: React.TouchEvent) => {
      const touch = changedTouches[0];
      const begun = from.current;
      if (!touch || !begun) return;
      const across = touch.clientX - begun.x;
      if (Math.abs(across) < SWIPE || Math.abs(touch.clientY - begun.y) > SWIPE) return;
      if (across < 0) onLeft();
      else onRight();
    },
  };
}
