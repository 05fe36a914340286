import { useState } from "react";
import type { Piece, Plan, School, Schools as SchoolsFound, Variant } from "../api/client";
import { type useChanges, useOwnSchools } from "../api/hooks";
import classes from "./order.module.css";
import { Row } from "./SchoolRow";

interface Props {
  piece: Piece;
  plan: Plan;
  found: SchoolsFound;
  changes: ReturnType<typeof useChanges>;
}

const MOST = 8;

/** Orders kept under a name, to switch between, and the present one with another aim. */
export function Variants({ piece, plan, found, changes }: Props) {
  const kept = piece.settings.variants ?? [];
  const own = useOwnSchools(piece.id);
  const now = orderOf(piece);
  const words = plan.view.school;
  const taken = kept.some((variant) => same(orderOf(piece, variant), now));
  const save = (variants: Variant[]) => changes.edit.mutate({ variants });
  const aim = found.aims?.find((one) => one.aim === piece.settings.aim)?.name;
  const title = [words, aim, `${plan.document.passes.length} passes`].filter(Boolean).join(", ");
  const figures = (name: string) => found.kept?.find((one) => one.name === name);
  return (
    <>
      <Keep
        proposed={title}
        names={kept.map(({ name }) => name)}
        full={kept.length >= MOST}
        taken={taken}
        onKeep={(name) => save([...kept, { ...now, name }])}
        onSchool={own.save}
        problem={own.problem}
      />
      {kept.map((variant) => (
        <Row
          key={variant.name}
          school={figures(variant.name) ?? waiting(variant.name)}
          title={variant.name}
          chosen={same(orderOf(piece, variant), now)}
          action="switch to it"
          onTake={() => changes.edit.mutate(orderOf(piece, variant))}
          onForget={() => save(kept.filter(({ name }) => name !== variant.name))}
        />
      ))}
      {(found.aims ?? []).map((one) => (
        <Row
          key={one.aim}
          school={one}
          title={`${words}, ${one.name}`}
          chosen={piece.settings.aim === one.aim}
          action="take it"
          onTake={() => changes.edit.mutate({ aim: one.aim, order: null })}
        />
      ))}
    </>
  );
}

interface KeepProps {
  proposed: string;
  names: string[];
  full: boolean;
  taken: boolean;
  onKeep: (name: string) => void;
  onSchool: (name: string) => void;
  problem: string | undefined;
}

function Keep({ proposed, names, full, taken, onKeep, onSchool, problem }: KeepProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const number = names.filter((own) => own.startsWith(proposed)).length;
  const fresh = number ? `${proposed} (${number + 1})` : proposed;
  const name = (typed ?? fresh).trim().slice(0, 40);
  if (full && !taken)
    return <p className="quiet">Eight orders are kept; forget one to keep another.</p>;
  return (
    <form
      className={classes.keep}
      onSubmit={(event) => {
        event.preventDefault();
        onKeep(name);
        setTyped(null);
      }}
    >
      <label>
        {taken ? "This order as" : "Keep this order as"}{" "}
        <input
          className="field"
          value={typed ?? fresh}
          maxLength={40}
          onChange={(e) => setTyped(e.target.value)}
        />
      </label>
      {!taken && (
        <button type="submit" className="act" disabled={!name || names.includes(name)}>
          keep
        </button>
      )}
      <button type="button" className="act" disabled={!name} onClick={() => onSchool(name)}>
        save as a school
      </button>
      {!taken && names.includes(name) && <span className="quiet">That name is taken.</span>}
      {problem && <span role="alert">{problem}</span>}
    </form>
  );
}

/** All that is settled about the order: of the piece now, or of a kept variant. */
function orderOf(piece: Piece, of: Omit<Variant, "name"> = piece.settings) {
  const { school = null, passes = null, order = null, aim = null, groups = null } = of;
  const { pins = [], ways = [], whites = true, holds = [], mixed = [] } = of;
  const { ownPasses = [], dropped = [], tools = [] } = of;
  const passesToo = { order, ownPasses, dropped, tools };
  return { school, passes, aim, groups, mixed, pins, ways, whites, holds, ...passesToo };
}

function same(one: object, other: object): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

/** A kept order whose figures are still being worked out. */
function waiting(name: string): School {
  return {
    school: name,
    words: name,
    why: "",
    feasible: false,
    whyNot: "being worked out",
  } as School;
}
