import { useSearchParams } from "react-router";
import type { Piece, Plan } from "../api/client";
import { type useChanges, useSchools, useWeaknesses } from "../api/hooks";
import { Findings } from "./Findings";
import { Lights } from "./Lights";
import type { useMove } from "./Move";
import { OwnPass } from "./OwnPass";
import classes from "./order.module.css";
import { PassList } from "./PassList";
import { Schools } from "./Schools";

const PARTS = ["areas", "masses", "passes", "findings", "lights", "schools"] as const;
export type Part = (typeof PARTS)[number];

/** Which part stands below the washboard, kept in the address. */
export function usePart() {
  const [query, setQuery] = useSearchParams();
  const part: Part = PARTS.find((name) => name === query.get("below")) ?? "areas";
  const turn = (to: Part) =>
    setQuery(
      (before) => {
        before.set("below", to);
        return before;
      },
      { replace: true },
    );
  return { part, turn };
}

interface TabsProps {
  piece: Piece;
  plan: Plan;
  part: Part;
  onTurn: (part: Part) => void;
}

/** The parts by name, with how many there are of each. */
export function Tabs({ piece, plan, part, onTurn }: TabsProps) {
  const found = useWeaknesses(piece.id, plan.key, piece.revision).data ?? [];
  const { masses, passes, reserves } = plan.document;
  const lights = reserves?.length ?? 0;
  const words: Record<Part, string> = {
    areas: "areas",
    masses: `${masses.length} masses`,
    passes: `${passes.length} passes`,
    findings: `${found.length || "no"} finding${found.length === 1 ? "" : "s"}`,
    lights: `${lights} light${lights === 1 ? "" : "s"} kept`,
    schools: "schools",
  };
  return (
    <div className={classes.parts} role="group" aria-label="Below the washboard">
      {PARTS.map((name) => (
        <button key={name} type="button" aria-pressed={name === part} onClick={() => onTurn(name)}>
          {words[name]}
        </button>
      ))}
    </div>
  );
}

interface Props {
  piece: Piece;
  plan: Plan;
  part: Part;
  pass: number;
  mass: string | null;
  move: ReturnType<typeof useMove>;
  changes: ReturnType<typeof useChanges>;
  onPass: (pass: number) => void;
  onMass: (mass: string | null) => void;
}

/** Below the washboard: the passes, what weakens the plan, how lights are kept, the schools side by side. */
export function Below({ piece, plan, part, pass, mass, move, changes, onPass, onMass }: Props) {
  const found = useWeaknesses(piece.id, plan.key, piece.revision).data ?? [];
  const schools = useSchools(piece.id, piece.revision, part === "schools").data;
  const common = { piece, plan, changes };
  switch (part) {
    case "passes":
      return (
        <>
          <PassList {...common} pass={pass} move={move} onPass={onPass} />
          <OwnPass
            piece={piece}
            plan={plan}
            pass={pass}
            mass={mass}
            move={move}
            changes={changes}
          />
        </>
      );
    case "findings":
      return <Findings {...common} found={found} onMass={onMass} onPass={onPass} />;
    case "lights":
      return <Lights {...common} onMass={onMass} />;
    case "schools":
      return <Schools {...common} found={schools} />;
    default:
      return null;
  }
}
