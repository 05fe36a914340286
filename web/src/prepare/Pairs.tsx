import { Button, Group, NativeSelect, Title } from "@mantine/core";
import { useState } from "react";
import type { Piece, Prepared } from "../api/client";
import type { useChanges } from "../api/hooks";
import { Act } from "../parts/Act";
import { say } from "../words/say";

interface Props {
  piece: Piece;
  paints: Prepared["palette"]["paints"];
  changes: ReturnType<typeof useChanges>;
}

/** Two paints that the painter likes to mix: recipes try them first. */
export function Pairs({ piece, paints, changes }: Props) {
  const along = paints.filter((paint) => paint.chosen);
  const [one, setOne] = useState(along[0]?.key ?? "");
  const [other, setOther] = useState(along[1]?.key ?? "");
  const pairs = piece.settings.pairs ?? [];
  const words = (key: string) => paints.find((paint) => paint.key === key)?.words ?? key;
  const data = along.map(({ key, words: label }) => ({ value: key, label }));
  const take = (kept: string[][]) => changes.edit.mutate({ pairs: kept });
  const known = pairs.some((pair) => pair.includes(one) && pair.includes(other));
  return (
    <>
      <Title order={3}>{say("pairs-title")}</Title>
      <ul>
        {pairs.map((pair) => (
          <li key={pair.join()}>
            {pair.map(words).join(" + ")}{" "}
            <Act onClick={() => take(pairs.filter((kept) => kept !== pair))}>
              {say("pairs-forget")}
            </Act>
          </li>
        ))}
      </ul>
      <Group gap={8} align="flex-end">
        <NativeSelect
          label={say("pairs-one")}
          data={data}
          value={one}
          onChange={(event) => setOne(event.currentTarget.value)}
        />
        <NativeSelect
          label={say("pairs-other")}
          data={data}
          value={other}
          onChange={(event) => setOther(event.currentTarget.value)}
        />
        <Button
          disabled={!one || !other || one === other || known}
          onClick={() => take([...pairs, [one, other]])}
        >
          {say("pairs-add")}
        </Button>
      </Group>
    </>
  );
}
