import { useMemo } from "react";
import type { Mass, Pass, Plan } from "../api/client";
import { shortName } from "../parts/masses";
import type { Ridge } from "../parts/ridges";
import classes from "./order.module.css";
import { massColours } from "./ribbons";
import { WIDE } from "./Washboard";

interface Props {
  plan: Plan;
  row: Ridge[];
  pass: number;
  mass: string | null;
  all: boolean;
  onMass: (mass: string | null) => void;
  onPass: (pass: number) => void;
}

export const FIRST_ROWS = 8;

/** Masses as rows, far to near as far as it is known, then from the top down. */
export function rowOrder(masses: readonly Mass[], all: boolean): Mass[] {
  const shown = all
    ? [...masses]
    : [...masses].sort((a, b) => b.share - a.share).slice(0, FIRST_ROWS);
  return shown.sort((a, b) => (a.depth ?? 0) - (b.depth ?? 0) || a.centre[1] - b.centre[1]);
}

/** The same plan as rows by masses and columns by passes: a chip of predicted colour with its value. */
export function Rows({ plan, row, pass, mass, all, onMass, onPass }: Props) {
  const { masses, passes } = plan.document;
  const colours = useMemo(() => massColours(plan), [plan]);
  return (
    <table className={classes.rows}>
      <caption className="unseen">Masses by passes, with the value after each</caption>
      <thead className="unseen">
        <tr>
          <th>Mass</th>
          {passes.map((p) => (
            <th key={p.id}>{p.title}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rowOrder(masses, all).map((own) => (
          <tr
            key={own.id}
            data-lit={own.id === mass}
            onPointerEnter={() => onMass(own.id)}
            onFocus={() => onMass(own.id)}
          >
            <th scope="row">{shortName(own)}</th>
            {passes.map((p, k) => (
              <td key={p.id} style={{ left: at(row[k]?.start), width: at(width(row[k])) }}>
                <Chip
                  mass={own}
                  done={p}
                  colour={colours[k + 1]?.[masses.indexOf(own)] ?? ""}
                  lit={k + 1 === pass}
                  onPick={() => onPass(k + 1)}
                />
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
  mass: Mass;
  done: Pass;
  colour: string;
  lit: boolean;
  onPick: () => void;
}

function Chip({ mass, done, colour, lit, onPick }: ChipProps) {
  const operation = done.operations.find((o) => o.mass === mass.id);
  if (!operation || operation.role === "overlap") return null;
  const bare = operation.kind === "reserve" || operation.kind === "leave";
  const value = operation.toValue;
  return (
    <button
      type="button"
      tabIndex={-1}
      className={classes.cell}
      data-role={bare ? "bare" : operation.role}
      data-lit={lit}
      style={bare ? undefined : { background: colour, color: value > 4.84 ? "#000" : "#fff" }}
      title={`${operation.kind.replace("-", " ")}, ${operation.role}`}
      onClick={onPick}
    >
      {bare ? operation.kind : value.toFixed(1)}
    </button>
  );
}
