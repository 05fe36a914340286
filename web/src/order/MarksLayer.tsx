import type { Pass, Plan } from "../api/client";
import { say } from "../words/say";
import classes from "./finer.module.css";

interface Props {
  plan: Plan;
  done: Pass;
  /** Families that stand out from the others. */
  lit: readonly string[];
}

/** The small marks of a pass over the picture: those to be painted drawn through, those to be kept dashed. */
export function MarksLayer({ plan, done, lit }: Props) {
  const { sheet, marks = [] } = plan.document;
  const own = marks.filter((family) => family.pass === done.id);
  if (!own.length) return null;
  return (
    <svg
      className={classes.marks}
      viewBox={`0 0 ${sheet.pictureWidthCm} ${sheet.pictureHeightCm}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={say("marks-layer-where")}
    >
      {own.map((family) => {
        const d = family.paths.map((path) => drawn(path)).join("");
        return (
          <g
            key={family.id}
            data-how={family.how}
            data-kind={family.kind}
            data-lit={!lit.length || lit.includes(family.id)}
          >
            <path d={d} />
            <path d={d} />
          </g>
        );
      })}
    </svg>
  );
}

type Path = NonNullable<Plan["document"]["marks"]>[number]["paths"][number];

/** A line as it runs; anything else as an outline. */
function drawn({ points, widths }: Path): string {
  const way = points.map(([x, y]) => `${x} ${y}`).join("L");
  return `M${way}${widths?.length ? "" : "Z"}`;
}
