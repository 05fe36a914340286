import { BrowserRouter, Navigate, Route, Routes } from "react-router";
import { Devices } from "./devices/Devices";
import { Drills } from "./drills/Drills";
import { Easel } from "./easel/Easel";
import { Mix } from "./mix/Mix";
import { Order } from "./order/Order";
import { Paint } from "./paint/Paint";
import { useSending } from "./paint/queries";
import { NotHere } from "./parts/NotHere";
import { NewPiece } from "./pieces/NewPiece";
import { PieceRoom } from "./pieces/PieceRoom";
import { Pieces } from "./pieces/Pieces";
import { Prepare } from "./prepare/Prepare";
import { Review } from "./review/Review";
import { See } from "./see/See";
import { Shelf } from "./shelf/Shelf";

/** Every address and what stands there. */
export function App() {
  useSending();
  return (
    // What is chosen stands in the address: it must show at once, not when there is time.
    <BrowserRouter useTransitions={false}>
      <Routes>
        <Route path="/" element={<Pieces />} />
        <Route path="/new" element={<NewPiece />} />
        <Route path="/shelf" element={<Shelf />} />
        <Route path="/drills" element={<Drills />} />
        <Route path="/devices" element={<Devices />} />
        <Route path="/pieces/:id" element={<PieceRoom />}>
          <Route index element={<Navigate to="order" replace />} />
          <Route path="see" element={<See />} />
          <Route path="prepare" element={<Prepare />} />
          <Route path="order" element={<Order />} />
          <Route path="mix" element={<Mix />} />
          <Route path="paint" element={<Paint />} />
          <Route path="review" element={<Review />} />
        </Route>
        <Route path="/pieces/:id/easel" element={<Easel />} />
        <Route path="*" element={<NotHere />} />
      </Routes>
    </BrowserRouter>
  );
}
