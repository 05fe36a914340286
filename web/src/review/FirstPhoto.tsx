import { Title } from "@mantine/core";
import type { Piece, Plan } from "../api/client";
import { Stage } from "../order/Stage";
import { say } from "../words/say";
import type { useReading } from "./queries";
import { TakePhoto } from "./TakePhoto";

interface Props {
  piece: Piece;
  plan: Plan;
  reading: ReturnType<typeof useReading>;
}

const LOOKING = { values: false, reference: false, squint: false, outlines: false };

/** Before there is a photo: how to take one so that it tells something. */
export function FirstPhoto({ piece, plan, reading }: Props) {
  const { length } = plan.document.passes;
  return (
    <>
      <Stage
        piece={piece}
        plan={plan}
        pass={length}
        looking={{ ...LOOKING, where: false, hand: true }}
        tags={[]}
      />
      <Title order={2} mt={12}>
        {say("review-photograph")}
      </Title>
      <p>{say("review-photograph-how")}</p>
      <TakePhoto reading={reading} />
    </>
  );
}
