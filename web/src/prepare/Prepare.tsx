import { Tabs, Text } from "@mantine/core";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { usePrepare } from "../api/hooks";
import { Caption } from "../parts/Caption";
import type { Place } from "../parts/line";
import { ProblemNote } from "../parts/Problem";
import columns from "../parts/parts.module.css";
import { Explained } from "../parts/Term";
import { type Room, useRoom } from "../pieces/PieceRoom";
import { rounded, say } from "../words/say";
import { arrangementOf } from "./arrangement";
import { Composition } from "./Composition";
import { CropPicture } from "./CropPicture";
import { Grounds } from "./Grounds";
import { IntentForm } from "./IntentForm";
import { captionOf, PARTS, type Part } from "./looks";
import { Measures } from "./Measures";
import { Palette } from "./Palette";
import { PreparePicture } from "./PreparePicture";
import { Transfer } from "./Transfer";
import { type Doings, useDoing } from "./useDoing";
import { type Print, usePrint } from "./usePrint";

/** The Prepare stage: everything settled before the first mark, beside the picture as it is arranged. */
export function Prepare() {
  const room = useRoom();
  const { piece, changes } = room;
  const [query, setQuery] = useSearchParams();
  const part = PARTS.find((p) => p === query.get("part")) ?? "ground";
  const found = usePrepare(piece.id, piece.revision);
  const [marks, setMarks] = useState<Place[]>([]);
  const by = useDoing(room, part === "composition");
  const print = usePrint(piece);
  const prepared = found.data;
  const act = (place: Place, way: Place) =>
    part === "measures" ? setMarks([...marks.slice(-3), place]) : by.act(place, way);
  return (
    <Tabs
      className={columns.columns}
      value={part}
      onChange={(to) => setQuery({ part: to ?? "ground" }, { replace: true })}
      keepMounted={false}
      data-busy={found.isFetching}
    >
      <div>
        {by.doing === "crop" ? (
          <CropPicture
            piece={piece}
            onCrop={(crop) =>
              changes.edit.mutate((now) => ({ arrangement: { ...arrangementOf(now), crop } }))
            }
          />
        ) : (
          <PreparePicture
            piece={piece}
            plan={room.plan}
            prepared={prepared}
            part={part}
            doing={by.doing}
            marks={part === "measures" ? marks : []}
            print={part === "transfer" ? print.url("svg") : null}
            trial={by.trial}
            onAct={act}
          />
        )}
        <Caption>
          <span>
            {by.trial
              ? say("prepare-picture-in-new-light")
              : captionOf(part, by.doing, prepared?.invented ?? 0)}
          </span>
          {prepared && (
            <span>
              {say("prepare-cm-sheet", {
                widthCm: rounded(prepared.widthCm, 1),
                heightCm: rounded(prepared.heightCm, 1),
              })}
            </span>
          )}
        </Caption>
        {piece.settings.intent?.sentence && (
          <Text fz={15} fw={600}>
            {say("prepare-about", { sentence: piece.settings.intent.sentence })}
          </Text>
        )}
      </div>
      <section aria-busy={found.isFetching}>
        <Tabs.List aria-label={say("prepare-what-settle")} mb={12} data-arrows>
          {PARTS.map((name) => (
            <Explained key={name} word={name}>
              <Tabs.Tab value={name}>{say(`prepare-part-${name}`)}</Tabs.Tab>
            </Explained>
          ))}
        </Tabs.List>
        {found.error && <ProblemNote>{found.error.message}</ProblemNote>}
        <Tabs.Panel value={part} tabIndex={-1}>
          {prepared ? (
            <Settled
              room={room}
              part={part}
              prepared={prepared}
              by={by}
              print={print}
              marks={marks}
              onClear={() => setMarks([])}
            />
          ) : (
            !found.error && <p>{say("prepare-weighing-grounds-looking")}</p>
          )}
        </Tabs.Panel>
      </section>
    </Tabs>
  );
}

interface Props {
  room: Room;
  part: Part;
  prepared: NonNullable<ReturnType<typeof usePrepare>["data"]>;
  by: Doings;
  print: Print;
  marks: Place[];
  onClear: () => void;
}

/** The part that is chosen. */
function Settled({ room, part, prepared, by, print, marks, onClear }: Props) {
  const { piece, plan, changes } = room;
  switch (part) {
    case "ground":
      return <Grounds piece={piece} prepared={prepared} changes={changes} />;
    case "composition":
      return (
        <Composition
          piece={piece}
          prepared={prepared}
          view={plan.view}
          changes={changes}
          doing={by.doing}
          onDoing={by.choose}
          thing={by.thing}
          trial={by.trial}
          onTry={by.setTrial}
        />
      );
    case "measures":
      return <Measures prepared={prepared} marks={marks} onClear={onClear} />;
    case "transfer":
      return <Transfer print={print} piece={piece} />;
    case "palette":
      return <Palette piece={piece} plan={plan} prepared={prepared} changes={changes} />;
    case "intent":
      return <IntentForm piece={piece} plan={plan} changes={changes} />;
  }
}
