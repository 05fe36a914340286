import { Link } from "react-router";
import { Frame } from "./Frame";

/** An address that leads nowhere. */
export function NotHere() {
  return (
    <Frame name="Washboard" stages={[{ to: "/", words: "Pieces" }]}>
      <main style={{ padding: 20 }}>
        <h1>There is nothing at this address</h1>
        <p>
          Nothing is lost. <Link to="/">Go to the pieces</Link>
        </p>
      </main>
    </Frame>
  );
}
