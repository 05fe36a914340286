import { Title } from "@mantine/core";
import { Link } from "react-router";
import type { Observation } from "../api/client";
import { LogSoFar } from "../paint/LogSoFar";
import { useEasel } from "../paint/queries";
import { Real } from "../paint/Real";
import { Act } from "../parts/Act";
import { dated } from "../parts/time";
import { useRoom } from "../pieces/PieceRoom";
import { rounded, say } from "../words/say";
import { madeUrl } from "./queries";
import classes from "./review.module.css";
import { useOneMore } from "./useOneMore";

/** The look back: planned beside real, photos by time, what happened; put away, tried again, on one page. */
export function LookBack({ photos }: { photos: readonly Observation[] }) {
  const { piece, plan } = useRoom();
  const easel = useEasel(piece.id, plan.key);
  const again = useOneMore(piece);
  return (
    <>
      <Title order={2}>{say("look-back-title")}</Title>
      <p className={classes.doing}>
        <a href={`/api/pieces/${piece.id}/look-back.pdf`}>{say("look-back-page")}</a>
        <Link to={`/drills?piece=${piece.id}&guess=yes`}>{say("look-back-guess")}</Link>
        <Act onClick={() => again.mutate()} disabled={again.isPending}>
          {say("look-back-again")}
        </Act>
      </p>
      <div className={classes.strip}>
        {photos.map((one) => (
          <figure key={one.id}>
            <img src={madeUrl(piece.id, one, "straight")} alt={dated(one.at)} />
            <figcaption>
              {dated(one.at)}
              <br />
              {say("look-back-off", { off: rounded(one.off, 2) })}
            </figcaption>
          </figure>
        ))}
        {photos.length === 0 && <p className="quiet">{say("look-back-no-photo")}</p>}
      </div>
      {easel.data && (
        <div className={classes.halves}>
          <section>
            <Real easel={easel.data} />
          </section>
          <section>
            <LogSoFar piece={piece.id} easel={easel.data} />
          </section>
        </div>
      )}
    </>
  );
}
