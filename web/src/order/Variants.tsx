import type { Orders, Piece, Plan, School, Variant } from "../api/client";
import { type useChanges, useOwnSchools } from "../api/hooks";
import { say } from "../words/say";
import { KeepOrder } from "./KeepOrder";
import { Row } from "./SchoolRow";

interface Props {
  piece: Piece;
  plan: Plan;
  orders: Orders | undefined;
  changes: ReturnType<typeof useChanges>;
}

const MOST = 8;

/** Orders kept under a name, to switch between. */
export function Variants({ piece, plan, orders, changes }: Props) {
  const kept = piece.settings.variants ?? [];
  const own = useOwnSchools(piece.id);
  const now = orderOf(piece);
  const words = plan.view.school;
  const taken = kept.some((variant) => same(orderOf(piece, variant), now));
  const save = (variants: Variant[]) => changes.edit.mutate({ variants });
  const aim = orders?.aims?.find((one) => one.aim === piece.settings.aim)?.name;
  const title = [words, aim, say("variants-passes", { count: plan.document.passes.length })]
    .filter(Boolean)
    .join(", ");
  const figures = (name: string) => orders?.kept?.find((one) => one.name === name);
  return (
    <>
      <KeepOrder
        proposed={title}
        names={kept.map(({ name }) => name)}
        full={kept.length >= MOST}
        taken={taken}
        onKeep={(name) => save([...kept, { ...now, name }])}
        onSchool={own.save}
      />
      {kept.map((variant) => (
        <Row
          key={variant.name}
          school={figures(variant.name) ?? waiting(variant.name)}
          title={variant.name}
          chosen={same(orderOf(piece, variant), now)}
          action={say("variants-use")}
          onTake={() => changes.edit.mutate(orderOf(piece, variant))}
          onForget={() => save(kept.filter(({ name }) => name !== variant.name))}
        />
      ))}
    </>
  );
}

/** The present order with each aim that it can come nearer to. */
export function Aims({ piece, plan, orders, changes }: Props) {
  return (orders?.aims ?? []).map((one) => (
    <Row
      key={one.aim}
      school={one}
      title={`${plan.view.school}, ${one.name}`}
      chosen={piece.settings.aim === one.aim}
      action={say("variants-use")}
      onTake={() => changes.edit.mutate({ aim: one.aim, order: null })}
    />
  ));
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
    whyNot: say("variants-being-worked-out"),
  } as School;
}
