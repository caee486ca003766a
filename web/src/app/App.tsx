import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy } from "react";
import { createBrowserRouter, RouterProvider } from "react-router";
import { Broken } from "./Broken";
import { Lost } from "./Lost";
import { Shell } from "./Shell";
import { theme } from "./theme";
import { UndoProvider } from "./undo";

const Today = lazy(() => import("../sections/today/Today"));
const Floor = lazy(() => import("../sections/floor/Floor"));
const PiecePage = lazy(() => import("../sections/piece/PiecePage"));
const Books = lazy(() => import("../sections/books/Books"));
const ImportFlips = lazy(() => import("../sections/books/ImportFlips"));
const HouseRules = lazy(() => import("../sections/rules/HouseRules"));

const client = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true } } });

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Broken />,
    children: [
      { path: "/", element: <Today /> },
      { path: "/floor", element: <Floor /> },
      { path: "/pieces/:id", element: <PiecePage /> },
      { path: "/books", element: <Books /> },
      { path: "/books/import", element: <ImportFlips /> },
      { path: "/rules", element: <HouseRules /> },
      { path: "*", element: <Lost /> },
    ],
  },
]);

export function App() {
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <CssBaseline />
      <QueryClientProvider client={client}>
        <UndoProvider>
          <RouterProvider router={router} />
        </UndoProvider>
      </QueryClientProvider>
    </ThemeProvider>
  );
}
