import type { ShelfItem } from "../api/client";
import { css } from "../parts/colour";
import classes from "./shelf.module.css";

interface Props {
  item: ShelfItem;
  chosen: boolean;
  /** Names of things that do the same work. */
  twins: string[];
  onChoose: () => void;
  onLeft: (left: number | null) => void;
}

/** A thing on the shelf: a paint as its drawdown over a black line, thick to thin; what it does; what is left. */
export function ItemRow({ item, chosen, twins, onChoose, onLeft }: Props) {
  const unit = item.kind === "paint" ? "ml" : item.kind === "surface" ? "sheets" : "pieces";
  return (
    <div className={classes.row} data-chosen={chosen}>
      <button type="button" aria-pressed={chosen} onClick={onChoose} className={classes.choose}>
        <Drawdown item={item} />
        <span>
          <b>{item.name}</b>
          {item.index && <i> {item.index}</i>}
          <small>
            {item.medium && `${item.medium} · `}
            {item.says}
            {twins.length > 0 && ` · does the same as ${twins.join(", ")}`}
          </small>
          {item.caution && <small className={classes.caution}>Caution: {item.caution}</small>}
        </span>
      </button>
      <label className={classes.left}>
        <span className="unseen">{item.name} left</span>
        <input
          key={`${item.left}`}
          type="number"
          min={0}
          step="any"
          defaultValue={item.left ?? ""}
          placeholder="?"
          onBlur={(event) => {
            const { value } = event.currentTarget;
            const to = value === "" ? null : Number(value);
            if (to !== item.left) onLeft(to);
          }}
          onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
        />{" "}
        {unit}
      </label>
    </div>
  );
}

function Drawdown({ item }: { item: ShelfItem }) {
  if (item.strong && item.thin && item.black)
    return (
      <span className={classes.drawdown} aria-hidden="true">
        <span style={{ background: css(item.strong) }} />
        <span className={classes.line}>
          <span style={{ background: css(item.black) }} />
        </span>
        <span
          style={{
            background: `linear-gradient(90deg in lab, ${css(item.strong)}, ${css(item.thin)})`,
          }}
        />
      </span>
    );
  if (item.strong)
    return (
      <span className={classes.drawdown} aria-hidden="true">
        <span style={{ background: css(item.strong) }} />
      </span>
    );
  return <span aria-hidden="true" />;
}
