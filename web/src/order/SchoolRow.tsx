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
        {chosen && <span className="quiet">as it is now</span>}
        {onForget && <Act onClick={onForget}>forget it</Act>}
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
        </>
      ) : (
        <p className="quiet">Not here: {school.whyNot}.</p>
      )}
    </section>
  );
}

/** What an order comes to, in one line. */
function account(school: School): string {
  const { passes = 0, irreversible = 0, sittings = 1, judgedFromPass } = school;
  const parts = [
    `${passes} passes`,
    `${shortMinutes(school.activeMinutes ?? 0)} of work`,
    school.waitMinutes ? `${shortMinutes(school.waitMinutes)} of waiting` : "no waiting",
    `${sittings} sitting${sittings === 1 ? "" : "s"}`,
    `${school.mixtures} mixtures`,
    school.layers === 1 ? "one layer" : `up to ${school.layers} layers`,
    irreversible ? `${irreversible} steps without return` : "every step can be mended",
    judgedFromPass ? `judged from pass ${judgedFromPass}` : "never quite judged",
    `ΔE ${(school.meanDeltaE ?? 0).toFixed(1)}, worst ${(school.worstDeltaE ?? 0).toFixed(1)}`,
    `values off by ${(school.meanValueError ?? 0).toFixed(2)}`,
  ];
  return `${parts.join(" · ")}.`;
}
