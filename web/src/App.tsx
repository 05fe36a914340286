import { createBrowserRouter, Navigate, RouterProvider } from "react-router";
import { Order } from "./order/Order";
import { NotHere } from "./parts/NotHere";
import { NewPiece } from "./pieces/NewPiece";
import { PieceRoom } from "./pieces/PieceRoom";
import { Pieces } from "./pieces/Pieces";
import { See } from "./see/See";

const router = createBrowserRouter([
  { path: "/", element: <Pieces /> },
  { path: "/new", element: <NewPiece /> },
  {
    path: "/shelf",
    hydrateFallbackElement: <main aria-busy="true" />,
    lazy: async () => ({ Component: (await import("./shelf/Shelf")).Shelf }),
  },
  {
    path: "/pieces/:id",
    element: <PieceRoom />,
    children: [
      { index: true, element: <Navigate to="order" replace /> },
      { path: "see", element: <See /> },
      {
        path: "prepare",
        hydrateFallbackElement: <main aria-busy="true" />,
        lazy: async () => ({ Component: (await import("./prepare/Prepare")).Prepare }),
      },
      {
        path: "mix",
        hydrateFallbackElement: <main aria-busy="true" />,
        lazy: async () => ({ Component: (await import("./mix/Mix")).Mix }),
      },
      { path: "order", element: <Order /> },
    ],
  },
  { path: "*", element: <NotHere /> },
]);

export function App() {
  return <RouterProvider router={router} />;
}
