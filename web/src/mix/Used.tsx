import { Text, Title } from "@mantine/core";
import type { Board } from "../api/client";
import { Swatch } from "../parts/Swatch";
import { listed, Rich, rounded, say } from "../words/say";
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
  const named = (paints: typeof used) => listed(paints.map((p) => p.words));
  return (
    <>
      <Title order={3} mt="md">
        {sticks ? say("used-sticks-working-order") : say("used-palette-working-order")}
      </Title>
      <ul className={classes.used}>
        {used.map((paint) => (
          <li key={paint.key}>
            <Swatch lab={paint.thin} w={46} h={46} className={classes.round} />
            {paint.words}
            {!sticks && (
              <b>
                {paint.ml < 0.1 ? say("used-touch") : say("used-ml", { ml: rounded(paint.ml, 1) })}
              </b>
            )}
          </li>
        ))}
      </ul>
      {short.map((paint) => (
        <Text key={paint.key} fz="sm">
          <Rich
            words={say("used-runs-out", {
              paint: paint.words,
              ml: rounded(paint.ml, 1),
              left: rounded(paint.left ?? 0, 1),
            })}
          />
        </Text>
      ))}
      {missing.length > 0 && missing.length < used.length && (
        <p className="quiet">{say("used-your-shelf", { missing: named(missing) })}</p>
      )}
      {cautions.map((caution) => (
        <Text key={caution} fz="sm">
          <Rich
            words={say("used-caution", {
              paints: named(used.filter((p) => p.caution === caution)),
              caution: caution ?? "",
            })}
          />
        </Text>
      ))}
    </>
  );
}
