import { Group, Tooltip } from "@mantine/core";
import type { Piece, Plan } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { either, say } from "../words/say";
import classes from "./order.module.css";

interface Props {
  piece: Piece;
  plan: Plan;
  changes: ReturnType<typeof useChanges>;
}

const MOST = 9;

/** The school, the number of passes, and the plan to take along. */
export function Actions({ piece, plan, changes }: Props) {
  const { document } = plan;
  const count = document.passes.length;
  // Masks, tones and accents come besides: what is pinned are the passes over shapes.
  const shapes = document.shapes || count;
  const pin = (passes: number) => changes.edit.mutate({ passes });
  const cards = `/api/pieces/${piece.id}/cards.pdf`;
  return (
    <Group justify="space-between" gap="2 14" mb={6} fz="sm">
      <Tooltip label={document.schoolReason} multiline maw={360} events={HOVER_FOCUS_TOUCH}>
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: the reason is read by keyboard too. */}
        <b tabIndex={0}>{plan.view.school}</b>
      </Tooltip>
      <Group component="p" gap={8}>
        {say("actions-passes", { count })}
        <Act
          aria-label={say("actions-one-pass-fewer")}
          className={classes.count}
          disabled={shapes <= 1}
          onClick={() => pin(shapes - 1)}
        >
          −
        </Act>
        <Act
          aria-label={say("actions-one-pass-more")}
          className={classes.count}
          disabled={shapes >= MOST}
          onClick={() => pin(shapes + 1)}
        >
          +
        </Act>
        {(document.ties?.length ?? 0) > 0 && (
          <span className="quiet">
            {" · "}
            {say("actions-ties", { counts: either((document.ties ?? []).map(String)) })}
          </span>
        )}
      </Group>
      <Group component="p" gap={8}>
        <a href={cards} download={say("actions-cards-pdf", { piece: piece.name })}>
          {say("actions-pass-cards")}
        </a>
        <a href={`${cards}?sheet=true`} download={say("actions-plan-pdf", { piece: piece.name })}>
          {say("actions-one-sheet")}
        </a>
        <a href={`/api/pieces/${piece.id}/export`} download>
          {say("actions-export")}
        </a>
      </Group>
    </Group>
  );
}

const HOVER_FOCUS_TOUCH = { hover: true, focus: true, touch: true };
