import { Group, UnstyledButton } from "@mantine/core";
import type { ShelfItem } from "../api/client";
import { css } from "../parts/colour";
import { NumberField } from "../parts/NumberField";
import { listed, say } from "../words/say";
import classes from "./shelf.module.css";

interface Props {
  item: ShelfItem;
  chosen: boolean;
  /** Names of things that do the same work. */
  twins: string[];
  onChoose: () => void;
  onLeft: (left: number | null) => Promise<unknown>;
}

const UNITS: Partial<Record<ShelfItem["kind"], string>> = {
  paint: say("item-row-ml"),
  surface: say("item-row-sheets"),
};

/** A thing on the shelf: a paint as its drawdown over a black line, thick to thin; what it does; what is left. */
export function ItemRow({ item, chosen, twins, onChoose, onLeft }: Props) {
  return (
    <Group className={classes.row} data-chosen={chosen} wrap="nowrap" gap={0}>
      <UnstyledButton aria-pressed={chosen} onClick={onChoose} className={classes.choose}>
        <Drawdown item={item} />
        <span>
          <b>{item.name}</b>
          {item.index && <span className={classes.more}> {item.index}</span>}
          <small className={classes.more}>
            {item.medium && `${item.medium} · `}
            {item.says}
            {twins.length > 0 && ` · ${say("item-row-twins", { things: listed(twins) })}`}
          </small>
          {item.caution && <small>{say("item-row-caution", { caution: item.caution })}</small>}
        </span>
      </UnstyledButton>
      <Group w={132} pl={10} gap={6} wrap="nowrap">
        <NumberField
          key={`${item.left}`}
          aria-label={say("item-row-left", { item: item.name })}
          placeholder="?"
          kept={item.left ?? null}
          onKeep={onLeft}
        />
        {UNITS[item.kind] ?? say("item-row-pieces")}
      </Group>
    </Group>
  );
}

/** The paint as it comes, over a black line, and drawn out thin. */
function Drawdown({ item: { strong, thin, black } }: { item: ShelfItem }) {
  if (!strong) return <span aria-hidden="true" />;
  const course = thin && `linear-gradient(90deg in lab, ${css(strong)}, ${css(thin)})`;
  return (
    <span aria-hidden="true" className={classes.drawdown}>
      <span style={{ background: css(strong) }} />
      {black && <span style={{ background: css(black) }} />}
      {course && <span style={{ background: course }} />}
    </span>
  );
}
