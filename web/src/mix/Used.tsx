import { Text, Title } from "@mantine/core";
import type { Board } from "../api/client";
import { Swatch } from "../parts/Swatch";
import classes from "./mix.module.css";

/** The paints that the piece takes, in the order in which they are first needed. */
export function Used({ board, sticks }: { board: Board; sticks: boolean }) {
  const used = board.used.flatMap(({ paint, ml, owned, left }) => {
    const own = board.paints.find((p) => p.key === paint);
    return own ? [{ ...own, ml, owned, left }] : [];
  });
  const short = used.filter((p) => p.owned && p.left != null && p.left < p.ml);
  const missing = used.filter((p) => !p.owned);
  const cautions = [...new Set(used.map((p) => p.caution).filter(Boolean))];
  const named = (paints: typeof used) => paints.map((p) => p.words).join(", ");
  return (
    <>
      <Title order={3} mt="md">
        {sticks ? "The sticks, in working order" : "On the palette, in working order"}
      </Title>
      <ul className={classes.used}>
        {used.map((paint) => (
          <li key={paint.key}>
            <Swatch lab={paint.thin} w={46} h={46} className={classes.round} />
            {paint.words}
            {!sticks && <b>{paint.ml < 0.1 ? "a touch" : `${paint.ml.toFixed(1)} ml`}</b>}
          </li>
        ))}
      </ul>
      {short.map((paint) => (
        <Text key={paint.key} fz="sm">
          <b>{paint.words}</b>: {paint.ml.toFixed(1)} ml wanted, {paint.left?.toFixed(1)} ml left on
          the shelf. It will run out.
        </Text>
      ))}
      {missing.length > 0 && missing.length < used.length && (
        <p className="quiet">Not on your shelf: {named(missing)}.</p>
      )}
      {cautions.map((caution) => (
        <Text key={caution} fz="sm">
          <b>{named(used.filter((p) => p.caution === caution))}</b>: {caution}. Read the labels.
        </Text>
      ))}
    </>
  );
}
