import { Tabs } from "@mantine/core";
import { Caption } from "../parts/Caption";
import columns from "../parts/parts.module.css";
import { SceneDrawing } from "../parts/SceneDrawing";
import { Explained } from "../parts/Term";
import { type Room, useRoom } from "../pieces/PieceRoom";
import { Rich, say } from "../words/say";
import { AloneChoice } from "./AloneChoice";
import { AreaList } from "./AreaList";
import { AreaPicture } from "./AreaPicture";
import { Ladder } from "./Ladder";
import { LOOKS, type Look } from "./looks";
import { MassNote } from "./MassNote";
import { Meters } from "./Meters";
import { PhotoNote } from "./PhotoNote";
import { PhotoPicture } from "./PhotoPicture";
import { SeePicture } from "./SeePicture";
import { type Seeing, useSee } from "./useSee";
import { WindowsNote } from "./WindowsNote";
import { WindowsPicture } from "./WindowsPicture";

const WORDS: Record<Look, string> = {
  reference: say("see-photographed"),
  values: say("see-values-only"),
  bands: say("see-bands"),
  masses: say("see-masses"),
  areas: say("see-areas"),
  edges: say("see-edges-alone"),
  windows: say("see-two-windows"),
};
/** The word of the craft that each look is about. */
const TERMS: Partial<Record<Look, string>> = {
  values: "value",
  bands: "band",
  masses: "mass",
  areas: "area",
  edges: "edge",
};
const ALONE: readonly Look[] = ["values", "bands", "masses"];

/** The See stage: the reference and its values, squint, the ladder with its bands, the masses. */
export function See() {
  const room = useRoom();
  const see = useSee(room);
  const { look, thresholds, windows, lining } = see;
  return (
    <Tabs
      className={columns.columns}
      value={look}
      onChange={(to) => see.setLook(to as Look)}
      keepMounted={false}
    >
      <Tabs.Panel value={look} tabIndex={-1}>
        <Picture room={room} see={see} />
        <Caption>
          <b>{see.held ? say("see-squinted") : WORDS[look]}</b>
          <Tabs.List aria-label={say("see-how-look")} data-arrows>
            {LOOKS.map((name) => (
              <Explained key={name} word={TERMS[name]}>
                <Tabs.Tab value={name}>{say(`see-look-${name}`)}</Tabs.Tab>
              </Explained>
            ))}
          </Tabs.List>
        </Caption>
        <Meters room={room} see={see} />
        {ALONE.includes(look) && (
          <AloneChoice alone={see.alone} bands={thresholds.length + 1} onAlone={see.setAlone} />
        )}
        <Note room={room} see={see} />
      </Tabs.Panel>
      {look === "windows" ? (
        <WindowsNote
          by={windows}
          bands={thresholds.length + 1}
          lining={lining}
          onLining={() => see.setLining(!lining)}
        />
      ) : (
        <Ladder
          plan={room.plan}
          thresholds={thresholds}
          shares={see.shares}
          mass={see.mass}
          area={look === "areas" ? see.drawing.area : null}
          onMass={see.setMass}
          onArea={see.drawing.setArea}
          onDrag={see.setDragged}
          onDrop={see.drop}
        />
      )}
    </Tabs>
  );
}

interface Props {
  room: Room;
  see: Seeing;
}

/** The picture by its look; while the squint is held, its values. */
function Picture({ room, see }: Props) {
  const { piece, plan, changes } = room;
  const { look, held, values, drawing } = see;
  if (look === "windows")
    return <WindowsPicture piece={piece} plan={plan} by={see.windows} lining={see.lining} />;
  if (look === "areas" && !held)
    return (
      <AreaPicture
        piece={piece}
        plan={plan}
        area={drawing.area}
        onArea={drawing.setArea}
        first={drawing.first}
        onStroke={drawing.draw}
      />
    );
  if (look === "reference" && !held && piece.reference)
    return <PhotoPicture piece={piece} plan={plan} photos={see.photos} values={values} />;
  if (look === "reference" && !held)
    return (
      <SceneDrawing
        shapes={piece.shapes ?? []}
        aspect={(plan.view.areaWidth ?? 1) / (plan.view.areaHeight ?? 1)}
        ground={plan.document.surface.value}
        onShapes={(shapes) => shapes.length && changes.edit.mutate({ shapes })}
      />
    );
  return (
    <SeePicture
      piece={piece}
      plan={plan}
      look={held ? "values" : look}
      values={values}
      table={see.table}
      mass={see.mass}
      shown={see.shown}
      onMass={see.setMass}
    />
  );
}

/** Below the picture: the list of areas, the photo's own, or the mass pointed at. */
function Note({ room, see }: Props) {
  const { piece, plan, changes } = room;
  const { look, drawing } = see;
  if (look === "areas")
    return (
      <AreaList
        piece={piece}
        plan={plan}
        area={drawing.area}
        changes={changes}
        way={drawing.way}
        half={drawing.first !== null}
        onArea={drawing.setArea}
        onWay={drawing.take}
      />
    );
  if (look === "reference")
    return (
      piece.reference && (
        <PhotoNote piece={piece} plan={plan} photos={see.photos} changes={changes} />
      )
    );
  if (look === "windows") return null;
  const pointed = plan.document.masses.find((m) => m.id === see.mass);
  if (!pointed)
    return (
      <p>
        <Rich words={say("see-point", { count: plan.document.masses.length })} />
      </p>
    );
  return <MassNote key={pointed.id} mass={pointed} piece={piece} plan={plan} changes={changes} />;
}
