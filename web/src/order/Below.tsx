import { Tabs } from "@mantine/core";
import { useSearchParams } from "react-router";
import { useSchools, useWeaknesses } from "../api/hooks";
import { Explained } from "../parts/Term";
import type { Room } from "../pieces/PieceRoom";
import { say } from "../words/say";
import { Questions } from "./Effects";
import { Findings } from "./Findings";
import { Lights } from "./Lights";
import { MoveNote } from "./MoveNote";
import { OwnPass } from "./OwnPass";
import classes from "./order.module.css";
import { PassList } from "./PassList";
import { Schools } from "./Schools";
import type { Ordering } from "./useOrder";
import { Washboard } from "./Washboard";

const PARTS = ["areas", "masses", "passes", "findings", "lights", "schools"] as const;
export type Part = (typeof PARTS)[number];

/** The word of the craft that each part is about. */
const TERMS: Record<Part, string> = {
  areas: "area",
  masses: "mass",
  passes: "pass",
  findings: "weak-point",
  lights: "white",
  schools: "approach",
};

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

interface Props {
  room: Room;
  at: Ordering;
}

/** The washboard, and below it the part that is chosen: some are rows of the washboard itself. */
export function Below({ room, at }: Props) {
  const { piece, plan } = room;
  const { part, turn } = at;
  const found = useWeaknesses(piece.id, plan.key, piece.revision).data ?? [];
  const { masses, passes, reserves } = plan.document;
  const words: Record<Part, string> = {
    areas: say("below-areas"),
    masses: say("below-masses", { count: masses.length }),
    passes: say("below-passes", { count: passes.length }),
    findings: say("below-weak-points", { count: found.length }),
    lights: say("below-whites", { count: reserves?.length ?? 0 }),
    schools: say("below-approaches"),
  };
  return (
    <Tabs value={part} onChange={(to) => turn(to as Part)} keepMounted={false}>
      <Washboard
        plan={plan}
        pass={at.pass}
        mass={at.mass}
        rows={part === "areas" || part === "masses" ? part : null}
        onPass={at.go}
        onMass={at.setMass}
        onDrag={at.move.drag}
      >
        <Tabs.List className={classes.parts} aria-label={say("below-below-washboard")} data-arrows>
          {PARTS.filter((name) => name !== "lights" || reserves?.length || part === name).map(
            (name) => (
              <Explained key={name} word={TERMS[name]}>
                <Tabs.Tab value={name}>{words[name]}</Tabs.Tab>
              </Explained>
            ),
          )}
        </Tabs.List>
        <MoveNote move={at.move} plan={plan} />
      </Washboard>
      <Tabs.Panel value={part} tabIndex={-1}>
        <Chosen room={room} at={at} found={found} />
      </Tabs.Panel>
      <Questions {...room} />
    </Tabs>
  );
}

interface ChosenProps extends Props {
  found: NonNullable<ReturnType<typeof useWeaknesses>["data"]>;
}

/** The passes, what weakens the plan, how lights are kept, the schools side by side. */
function Chosen({ room, at, found }: ChosenProps) {
  const { part, pass, mass, move, go, setMass } = at;
  const schools = useSchools(room.piece.id, room.piece.revision, part === "schools").data;
  switch (part) {
    case "passes":
      return (
        <>
          <PassList {...room} pass={pass} move={move} onPass={go} />
          <OwnPass {...room} pass={pass} mass={mass} move={move} placing={at.placing} />
        </>
      );
    case "findings":
      return <Findings {...room} found={found} onPass={go} />;
    case "lights":
      return <Lights {...room} onMass={setMass} />;
    case "schools":
      return <Schools {...room} found={schools} />;
    default:
      return null;
  }
}
