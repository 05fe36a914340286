import { Group, NativeSelect } from "@mantine/core";
import type { Pass, Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Choices } from "../parts/Choices";
import { css } from "../parts/colour";
import { shortName } from "../parts/masses";
import { rounded, say } from "../words/say";
import {
  BEHIND,
  type Behind,
  type EdgeKind,
  KINDS,
  type Stretch,
  stretchesOf,
  wishesWith,
} from "./edges";
import classes from "./finer.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  done: Pass;
  changes: ReturnType<typeof useChanges>;
  chosen: number | null;
  onChoose: (number: number | null) => void;
}

/** One stretch of border of a pass: why it is proposed so, how and when it is made, and the lever. */
export function Edges({ piece, plan, done, changes, chosen, onChoose }: Props) {
  const own = stretchesOf(plan, done.id);
  const all = plan.document.edges ?? [];
  const stretch = all.find((one) => one.number === chosen);
  if (own.length === 0) return null;
  const behind = stretch?.beyond ?? "as-seen";
  const wish = (one: Stretch, how: EdgeKind, beyond: Behind) =>
    changes.edit.mutate({ edges: wishesWith(piece, plan, one, how, beyond) });
  const listed = stretch && !own.includes(stretch) ? [stretch, ...own] : own;
  return (
    <section className={classes.edges} aria-label={say("edges-section")}>
      <NativeSelect
        label={say("edges-edge")}
        value={stretch ? String(stretch.number) : ""}
        data={[
          { value: "", label: say("edges-choose", { count: own.length }) },
          ...listed.map((one) => ({ value: String(one.number), label: named(plan, one) })),
        ]}
        onChange={(event) => onChoose(Number(event.currentTarget.value) || null)}
      />
      {stretch && (
        <>
          <p>
            {say("edges-told", {
              how: stretch.how,
              why: stretch.why,
              length: rounded(stretch.lengthCm, stretch.lengthCm < 10 ? 1 : 0),
              wished: stretch.how === stretch.proposed ? "no" : "yes",
            })}{" "}
            {say("edges-when", {
              how: stretch.how,
              when: stretch.when ?? "firm",
              medium: plan.document.medium,
            })}
          </p>
          <div className={classes.kinds}>
            {KINDS.map((how) => (
              <button
                key={how}
                type="button"
                aria-pressed={stretch.how === how}
                onClick={() => wish(stretch, how, behind)}
              >
                <Sample plan={plan} stretch={stretch} how={how} />
                <span>
                  {say("edges-kind", { how })}
                  {how === stretch.proposed && <small> {say("edges-proposed")}</small>}
                </span>
              </button>
            ))}
          </div>
          <Group gap="6 14" mt={8}>
            <span>{say("edges-behind-told", { step: rounded(stretch.step, 1) })}</span>
            <Choices
              label={say("edges-behind")}
              options={BEHIND.map((key) => ({
                key,
                words: say("edges-behind-kind", { how: key }),
              }))}
              chosen={behind}
              onChoose={(to) => wish(stretch, stretch.how, to)}
            />
          </Group>
        </>
      )}
    </section>
  );
}

/** A stretch by its masses, its length and how it is. */
function named(plan: Plan, { masses, how, lengthCm }: Stretch) {
  const [one, other] = masses.map((id) => plan.document.masses.find((m) => m.id === id));
  return say("edges-named", {
    one: one ? shortName(one) : "",
    other: other ? shortName(other) : "",
    length: rounded(lengthCm, lengthCm < 10 ? 1 : 0),
    how,
  });
}

/** Height of a sample, and how far its two sides fade into each other, as shares of it. */
const FADES: Record<EdgeKind, number> = { firm: 0, soft: 0.35, lost: 0.95, broken: 0 };
const TEETH =
  "0,50 6,44 9,55 15,41 19,57 26,47 31,58 38,42 44,54 52,45 57,58 64,40 70,53 78,46 84,57 91,43 100,52";

/** Both masses of a stretch with an edge of a kind between them. */
function Sample({ plan, stretch, how }: { plan: Plan; stretch: Stretch; how: EdgeKind }) {
  const [one = "#888", other = "#ccc"] = stretch.masses.map((id) => {
    const mass = plan.document.masses.find((m) => m.id === id);
    return mass ? css(mass.targetEnds[0]) : undefined;
  });
  const id = `edge-${stretch.number}-${how}`;
  const fade = FADES[how] * 50;
  return (
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
      <defs>
        <linearGradient id={id} x1="0" y1="0" x2="0" y2="1">
          <stop offset={`${50 - fade}%`} stopColor={one} />
          <stop offset={`${50 + fade}%`} stopColor={other} />
        </linearGradient>
      </defs>
      <rect width="100" height="100" fill={how === "broken" ? other : `url(#${id})`} />
      {how === "broken" && <polygon points={`0,0 ${TEETH} 100,0`} fill={one} />}
    </svg>
  );
}
