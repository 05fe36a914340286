import { Group, Text, Title } from "@mantine/core";
import type { School } from "../api/client";
import { Act } from "../parts/Act";
import { shortMinutes } from "../parts/time";
import { rounded, say } from "../words/say";
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
        {chosen && <span className="quiet">{say("school-row-use")}</span>}
        {onForget && <Act onClick={onForget}>{say("school-row-delete")}</Act>}
      </Group>
      {school.feasible ? (
        <>
          <div className={classes.thirds}>
            {(school.pictures ?? []).map((picture, k) => (
              <figure key={k}>
                <img
                  src={picture}
                  alt={say("school-row-picture", { title, pass: school.after?.[k] ?? 0 })}
                />
                <Text component="figcaption" fz="xs" c="dimmed">
                  {say("school-row-after", { pass: school.after?.[k] ?? 0 })}
                </Text>
              </figure>
            ))}
          </div>
          <Text fz="sm">{account(school)}</Text>
          <details>
            <summary>{say("school-row-more")}</summary>
            <Text fz="sm">{details(school)}</Text>
          </details>
        </>
      ) : (
        <p className="quiet">{say("school-row-not", { why: school.whyNot ?? "" })}</p>
      )}
    </section>
  );
}

/** What an order comes to, in one line. */
function account(school: School): string {
  const { passes = 0, irreversible = 0 } = school;
  const parts = [
    say("school-row-passes", { count: passes }),
    say("school-row-work", { minutes: shortMinutes(school.activeMinutes ?? 0) }),
    school.waitMinutes
      ? say("school-row-drying", { minutes: shortMinutes(school.waitMinutes) })
      : say("school-row-waiting"),
    say("school-row-mixtures", { count: school.mixtures ?? 0 }),
    ...(irreversible ? [say("school-row-irreversible", { count: irreversible })] : []),
  ];
  return parts.join(" · ");
}

/** What a painter asks next: sittings, layers, when it can be judged, how near it comes. */
function details(school: School): string {
  const { sittings = 1, layers = 1, judgedFromPass } = school;
  return [
    say("school-row-sittings", { count: sittings }),
    say("school-row-layers", { count: layers }),
    judgedFromPass
      ? say("school-row-lightest-darkest-stand", { pass: judgedFromPass })
      : say("school-row-lightest-darkest-never"),
    say("school-row-colours-off", {
      mean: rounded(school.meanDeltaE ?? 0, 1),
      worst: rounded(school.worstDeltaE ?? 0, 1),
    }),
    say("school-row-values-off", { mean: rounded(school.meanValueError ?? 0, 2) }),
  ].join(" · ");
}
