import { Group, Text, Title } from "@mantine/core";
import type { School } from "../api/client";
import { Act } from "../parts/Act";
import { shortMinutes } from "../parts/time";
import classes from "./order.module.css";

interface Props {
  school: School;
  title: string;
  chosen: boolean;
  /** What taking it is called. */
  action: string;
  onTake: () => void;
  onForget?: () => void;
}

/** An order beside others: the painting on the way, and what it comes to. */
export function Row({ school, title, chosen, action, onTake, onForget }: Props) {
  return (
    <section data-lit={chosen} aria-label={title}>
      <Group gap={10} mb={4} align="baseline">
        <Title order={4}>{title}</Title>
        {school.feasible && !chosen && <Act onClick={onTake}>{action}</Act>}
        {chosen && <span className="quiet">in use</span>}
        {onForget && <Act onClick={onForget}>Delete</Act>}
      </Group>
      {school.feasible ? (
        <>
          <div className={classes.thirds}>
            {(school.pictures ?? []).map((picture, k) => (
              <figure key={k}>
                <img src={picture} alt={`${title}, after pass ${school.after?.[k]}`} />
                <Text component="figcaption" fz="xs" c="dimmed">
                  after {school.after?.[k]}
                </Text>
              </figure>
            ))}
          </div>
          <Text fz="sm">{account(school)}</Text>
          <details>
            <summary>more</summary>
            <Text fz="sm">{details(school)}</Text>
          </details>
        </>
      ) : (
        <p className="quiet">Not here: {school.whyNot}.</p>
      )}
    </section>
  );
}

/** What an order comes to, in one line. */
function account(school: School): string {
  const { passes = 0, irreversible = 0 } = school;
  const parts = [
    `${passes} passes`,
    `${shortMinutes(school.activeMinutes ?? 0)} work`,
    school.waitMinutes ? `${shortMinutes(school.waitMinutes)} drying` : "no waiting",
    `${school.mixtures} mixtures`,
    ...(irreversible ? [`${irreversible} steps cannot be undone`] : []),
  ];
  return parts.join(" · ");
}

/** What a painter asks next: sittings, layers, when it can be judged, how near it comes. */
function details(school: School): string {
  const { sittings = 1, layers = 1, judgedFromPass } = school;
  return [
    sittings === 1 ? "one sitting" : `${sittings} sittings`,
    layers === 1 ? "one layer" : `up to ${layers} layers`,
    judgedFromPass
      ? `lightest and darkest stand from pass ${judgedFromPass}`
      : "lightest and darkest never stand side by side before the last pass",
    `colours ${(school.meanDeltaE ?? 0).toFixed(1)} ΔE off, worst ${(school.worstDeltaE ?? 0).toFixed(1)}`,
    `values ${(school.meanValueError ?? 0).toFixed(2)} off`,
  ].join(" · ");
}
