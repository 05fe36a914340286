import { useMemo } from "react";
import type { Plan } from "../api/client";
import { useCatalogue } from "../api/hooks";
import { inkOn } from "../parts/colour";
import type { Ridge } from "../parts/ridges";
import { figure, say } from "../words/say";
import { WIDE } from "./board";
import classes from "./order.module.css";
import { massColours } from "./ribbons";
import { chipsOf, isBare, type Operation, rowsOf } from "./rows";

interface Props {
  plan: Plan;
  row: Ridge[];
  pass: number;
  mass: string | null;
  all: boolean;
  onMass: (mass: string | null) => void;
  onPass: (pass: number) => void;
}

/** The same plan as rows by areas (or by masses) and columns by passes: chips of predicted colour. */
export function Rows({ plan, row, pass, mass, all, onMass, onPass }: Props) {
  const { masses, passes } = plan.document;
  const colours = useMemo(() => massColours(plan), [plan]);
  const acts = useCatalogue().data?.acts ?? {};
  return (
    <table className={classes.rows}>
      <caption className="unseen">{all ? say("rows-masses") : say("rows-areas")}</caption>
      <thead className="unseen">
        <tr>
          <th>{all ? say("rows-mass") : say("rows-area")}</th>
          {passes.map((p) => (
            <th key={p.id}>{p.title}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rowsOf(plan, all).map((own) => (
          <tr
            key={own.id}
            data-lit={own.masses.some((m) => m.id === mass)}
            onPointerEnter={() => onMass(own.masses[0]?.id ?? null)}
            onFocus={() => onMass(own.masses[0]?.id ?? null)}
          >
            <th scope="row">{own.name}</th>
            {passes.map((p, k) => (
              <td key={p.id} style={{ left: at(row[k]?.start), width: at(width(row[k])) }}>
                {chipsOf(own, p).map(({ mass: of, operation }) => (
                  <Chip
                    key={of.id}
                    operation={operation}
                    act={acts[operation.kind] ?? operation.kind}
                    colour={colours[k + 1]?.[masses.indexOf(of)] ?? ""}
                    lit={k + 1 === pass}
                    onPick={() => onPass(k + 1)}
                  />
                ))}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const at = (x: number | undefined) => `${(100 * (x ?? 0)) / WIDE}%`;
const width = (ridge: Ridge | undefined) => (ridge ? ridge.end - ridge.start : 0);

interface ChipProps {
  operation: Operation;
  /** What is done, in words. */
  act: string;
  colour: string;
  lit: boolean;
  onPick: () => void;
}

function Chip({ operation, act, colour, lit, onPick }: ChipProps) {
  const bare = isBare(operation);
  const over = operation.role === "over";
  const value = operation.toValue;
  return (
    <button
      type="button"
      tabIndex={-1}
      className={classes.cell}
      data-role={bare || over ? "bare" : operation.role}
      data-lit={lit}
      style={bare || over ? undefined : { background: colour, color: inkOn(colour) }}
      title={act}
      onClick={onPick}
    >
      {bare ? say("rows-kept") : over ? say("rows-marks") : figure(value, 1)}
    </button>
  );
}
