import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy } from "react";
import { createBrowserRouter, RouterProvider } from "react-router";
import { Broken } from "./Broken";
import { Gate } from "./Gate";
import { Lost } from "./Lost";
import { Shell } from "./Shell";
import { theme } from "./theme";
import { UndoProvider } from "./undo";

const Today = lazy(() => import("../sections/today/Today"));
const WeekPage = lazy(() => import("../sections/today/WeekPage"));
const Floor = lazy(() => import("../sections/floor/Floor"));
const PiecePage = lazy(() => import("../sections/piece/PiecePage"));
const Books = lazy(() => import("../sections/books/Books"));
const WhatPays = lazy(() => import("../sections/books/WhatPays"));
const TimeAndGuesses = lazy(() => import("../sections/books/TimeAndGuesses"));
const YearPage = lazy(() => import("../sections/books/YearPage"));
const WhatIf = lazy(() => import("../sections/books/WhatIf"));
const ImportFlips = lazy(() => import("../sections/books/ImportFlips"));
const HouseRules = lazy(() => import("../sections/rules/HouseRules"));

const Spotted = lazy(() => import("../sections/scout/Spotted"));
const NewProspect = lazy(() => import("../sections/scout/NewProspect"));
const ProspectPage = lazy(() => import("../sections/scout/ProspectPage"));
const Card = lazy(() => import("../sections/scout/Card"));
const TrackRecord = lazy(() => import("../sections/scout/TrackRecord"));
const Lots = lazy(() => import("../sections/bought/Lots"));
const LotPage = lazy(() => import("../sections/bought/LotPage"));
const Trips = lazy(() => import("../sections/bought/Trips"));
const Sets = lazy(() => import("../sections/bought/Sets"));
const SetPage = lazy(() => import("../sections/bought/SetPage"));
const Products = lazy(() => import("../sections/shelf/Products"));
const OverPage = lazy(() => import("../sections/plan/OverPage"));
const LookPage = lazy(() => import("../sections/plan/LookPage"));
const PlanPage = lazy(() => import("../sections/plan/PlanPage"));
const PartsPage = lazy(() => import("../sections/plan/PartsPage"));
const Materials = lazy(() => import("../sections/shelf/Materials"));
const ToBuy = lazy(() => import("../sections/shelf/ToBuy"));
const PricePage = lazy(() => import("../sections/price/PricePage"));
const Market = lazy(() => import("../sections/market/Market"));
const ListingPage = lazy(() => import("../sections/market/ListingPage"));
const Channels = lazy(() => import("../sections/market/Channels"));
const Practice = lazy(() => import("../sections/market/Practice"));
const Tools = lazy(() => import("../sections/tools/Tools"));
const ToolPage = lazy(() => import("../sections/tools/ToolPage"));
const Mixes = lazy(() => import("../sections/shelf/Mixes"));
const MixPage = lazy(() => import("../sections/shelf/MixPage"));
const Stash = lazy(() => import("../sections/shelf/Stash"));

const client = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true } } });

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Broken />,
    children: [
      { path: "/", element: <Today /> },
      { path: "/week", element: <WeekPage /> },
      { path: "/scout", element: <Spotted /> },
      { path: "/scout/new", element: <NewProspect /> },
      { path: "/scout/card", element: <Card /> },
      { path: "/scout/record", element: <TrackRecord /> },
      { path: "/scout/lots", element: <Lots /> },
      { path: "/scout/lots/:id", element: <LotPage /> },
      { path: "/scout/trips", element: <Trips /> },
      { path: "/scout/:id", element: <ProspectPage /> },
      { path: "/floor/sets", element: <Sets /> },
      { path: "/floor/sets/:id", element: <SetPage /> },
      { path: "/shelf", element: <Materials /> },
      { path: "/shelf/shopping", element: <ToBuy /> },
      { path: "/shelf/stash", element: <Stash /> },
      { path: "/shelf/mixes", element: <Mixes /> },
      { path: "/shelf/mixes/:id", element: <MixPage /> },
      { path: "/shelf/products", element: <Products /> },
      { path: "/floor", element: <Floor /> },
      { path: "/pieces/:id", element: <PiecePage /> },
      { path: "/pieces/:id/over", element: <OverPage /> },
      { path: "/pieces/:id/look", element: <LookPage /> },
      { path: "/pieces/:id/plan", element: <PlanPage /> },
      { path: "/market", element: <Market /> },
      { path: "/market/channels", element: <Channels /> },
      { path: "/market/practice", element: <Practice /> },
      { path: "/pieces/:id/listing", element: <ListingPage /> },
      { path: "/pieces/:id/price", element: <PricePage /> },
      { path: "/pieces/:id/parts", element: <PartsPage /> },
      { path: "/tools", element: <Tools /> },
      { path: "/tools/:tool", element: <ToolPage /> },
      { path: "/books", element: <Books /> },
      { path: "/books/pays", element: <WhatPays /> },
      { path: "/books/time", element: <TimeAndGuesses /> },
      { path: "/books/year", element: <YearPage /> },
      { path: "/books/what-if", element: <WhatIf /> },
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
        <Gate>
          <UndoProvider>
            <RouterProvider router={router} />
          </UndoProvider>
        </Gate>
      </QueryClientProvider>
    </ThemeProvider>
  );
}
