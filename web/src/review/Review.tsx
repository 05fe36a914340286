import { Tabs } from "@mantine/core";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { Caption } from "../parts/Caption";
import { type Corner, Corners } from "../parts/Corners";
import { ProblemNote } from "../parts/Problem";
import columns from "../parts/parts.module.css";
import { useRoom } from "../pieces/PieceRoom";
import { Rich, say } from "../words/say";
import { Corrections } from "./Corrections";
import { FirstPhoto } from "./FirstPhoto";
import { Learnt } from "./Learnt";
import { LookBack } from "./LookBack";
import { PhotoNote } from "./PhotoNote";
import { madeUrl, useObservations, useReading } from "./queries";
import classes from "./review.module.css";
import { SeenPicture } from "./SeenPicture";
import { Looks, useLooks } from "./useLooks";

const PARTS = ["corrections", "learning", "back"] as const;
export type Part = (typeof PARTS)[number];

/** The Review stage: the painting beside its plan, what to correct first, or to stop. */
export function Review() {
  const { piece, plan } = useRoom();
  const found = useObservations(piece.id);
  const reading = useReading(piece.id);
  const looks = useLooks();
  const [query, setQuery] = useSearchParams();
  const [cornering, setCornering] = useState(false);
  const part = PARTS.find((name) => name === query.get("part")) ?? "corrections";
  const photos = found.data ?? [];
  const seen = photos.find((one) => one.id === query.get("photo")) ?? photos.at(-1);
  const set = (key: string, to: string) =>
    setQuery(
      (before) => {
        before.set(key, to);
        return before;
      },
      { replace: true },
    );
  if (found.error) return <ProblemNote>{found.error.message}</ProblemNote>;
  if (!found.data) return null;
  return (
    <div className={columns.columns}>
      <div>
        {seen && cornering ? (
          <Corners
            key={seen.id}
            photo={madeUrl(piece.id, seen, "photo")}
            size={seen.size as Corner}
            from={seen.corners as Corner[]}
            words={say("review-drag-corners")}
            busy={reading.corners.isPending}
            onTake={(corners) =>
              reading.corners.mutate(
                { seen: seen.id, corners },
                {
                  onSuccess: (again) => {
                    set("photo", again.id);
                    setCornering(false);
                  },
                },
              )
            }
            onLeave={() => setCornering(false)}
          />
        ) : (
          seen && (
            <>
              <SeenPicture piece={piece} plan={plan} seen={seen} looks={looks.now} />
              <Caption>
                <span>
                  <Rich words={say(looks.now.plan ? "review-the-plan" : "review-your-painting")} />
                </span>
                <Looks looks={looks} />
              </Caption>
            </>
          )
        )}
        {seen ? (
          <PhotoNote
            piece={piece.id}
            seen={seen}
            photos={photos}
            reading={reading}
            onChoose={(id) => set("photo", id)}
            onCorners={() => setCornering(true)}
          />
        ) : (
          <FirstPhoto piece={piece} plan={plan} reading={reading} />
        )}
      </div>
      <Tabs value={part} onChange={(to) => to && set("part", to)} keepMounted={false}>
        <Tabs.List aria-label={say("review-parts")} className={classes.parts}>
          {PARTS.map((name) => (
            <Tabs.Tab key={name} value={name}>
              {say(`review-part-${name}`)}
            </Tabs.Tab>
          ))}
        </Tabs.List>
        <Tabs.Panel value="corrections" tabIndex={-1}>
          {!seen && <p>{say("review-no-photo")}</p>}
          {seen && <Corrections key={seen.id} piece={piece.id} plan={plan} seen={seen} />}
        </Tabs.Panel>
        <Tabs.Panel value="learning" tabIndex={-1}>
          <Learnt medium={piece.settings.medium} />
        </Tabs.Panel>
        <Tabs.Panel value="back" tabIndex={-1}>
          <LookBack photos={photos} />
        </Tabs.Panel>
      </Tabs>
    </div>
  );
}
