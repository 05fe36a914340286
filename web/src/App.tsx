import { lazy, Suspense } from "react";
import { BrowserRouter, Navigate, Route, Routes } from "react-router";
import { Order } from "./order/Order";
import { NotHere } from "./parts/NotHere";
import { NewPiece } from "./pieces/NewPiece";
import { PieceRoom } from "./pieces/PieceRoom";
import { Pieces } from "./pieces/Pieces";
import { See } from "./see/See";

const Mix = lazy(async () => ({ default: (await import("./mix/Mix")).Mix }));
const Prepare = lazy(async () => ({ default: (await import("./prepare/Prepare")).Prepare }));
const Shelf = lazy(async () => ({ default: (await import("./shelf/Shelf")).Shelf }));

/** Every address and what stands there; what is not needed at once is loaded when it is asked for. */
export function App() {
  return (
    // What is chosen stands in the address: it must show at once, not when there is time.
    <BrowserRouter useTransitions={false}>
      <Suspense fallback={<main aria-busy="true" />}>
        <Routes>
          <Route path="/" element={<Pieces />} />
          <Route path="/new" element={<NewPiece />} />
          <Route path="/shelf" element={<Shelf />} />
          <Route path="/pieces/:id" element={<PieceRoom />}>
            <Route index element={<Navigate to="order" replace />} />
            <Route path="see" element={<See />} />
            <Route path="prepare" element={<Prepare />} />
            <Route path="order" element={<Order />} />
            <Route path="mix" element={<Mix />} />
          </Route>
          <Route path="*" element={<NotHere />} />
        </Routes>
      </Suspense>
    </BrowserRouter>
  );
}
