import type { Piece, Plan, Schools as SchoolsFound } from "../api/client";
import { type useChanges, useOrders, useOwnSchools } from "../api/hooks";
import { usePassed } from "../parts/FirstSteps";
import { say } from "../words/say";
import { Building } from "./Building";
import { Mixing } from "./Mixing";
import classes from "./order.module.css";
import { Row } from "./SchoolRow";
import { Aims, Variants } from "./Variants";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
  found: SchoolsFound | undefined;
}

/** Kept orders, every school side by side, and the present order with other aims. */
export function Schools({ piece, plan, changes, found }: Props) {
  const own = useOwnSchools(piece.id);
  // Asked for once the schools are there, so that these do not wait for it.
  const orders = useOrders(piece.id, piece.revision, found !== undefined).data;
  usePassed("approach");
  if (!found) return <p role="status">{say("schools-working-out-every")}</p>;
  const { aim, groups, mixed } = piece.settings;
  const plain = !aim && !groups && !mixed?.length;
  const choose = (school: string) =>
    changes.edit.mutate({
      school,
      order: null,
      pins: [],
      passes: null,
      aim: null,
      groups: null,
      mixed: [],
    });
  return (
    <div className={classes.schools}>
      <Mixing piece={piece} plan={plan} found={found} changes={changes} />
      <Building piece={piece} plan={plan} changes={changes} />
      <Variants piece={piece} plan={plan} orders={orders} changes={changes} />
      {(plan.document.marks?.length ?? 0) > 0 && (
        <p className={`quiet ${classes.wide}`}>{say("schools-marks-besides")}</p>
      )}
      {found.schools.map((school) => (
        <Row
          key={school.school}
          school={school}
          title={school.words}
          chosen={plain && school.school === plan.document.school}
          action={say("schools-use")}
          onTake={() => choose(school.school)}
          onForget={school.own ? () => own.forget(school.school) : undefined}
        />
      ))}
      <Aims piece={piece} plan={plan} orders={orders} changes={changes} />
    </div>
  );
}
