import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { QueryClient, useQueryClient } from "@tanstack/react-query";
import { PersistQueryClientProvider } from "@tanstack/react-query-persist-client";
import { lazy, type ReactNode, Suspense, useEffect, useState, Component } from "react";
import { BrowserRouter, useRoutes, Link } from "react-router";
import { Shell } from "./Shell";
import { isKept, KEPT_FOR, KEPT_KEYS, persister, standIn } from "../api/device/seen";
import { theme } from "../kit/theme";
import { UndoProvider } from "../kit/session/undo";
import Button from "@mui/material/Button";
import { Empty } from "../kit/Empty";
import { LOCKED } from "../api/client";
import { sendAll } from "../api/device/sender";
import Box from "@mui/material/Box";
import { t } from "../locales/app";

// What is shown when a screen could not be opened: most often because a newer version has been built meanwhile.
// React asks for a class where an error below is to be caught.
class Unbroken extends Component<{ children: ReactNode }, { broken: boolean }> {
  state = { broken: false };

  static getDerivedStateFromError = () => ({ broken: true });

  render() {
    return this.state.broken ? <Broken /> : this.props.children;
  }
}

function Broken() {
  return (
    <Box component="main" sx={{ p: { xs: 2, md: 3.5 } }}>
      <Empty title={t("app.pageDidntOpen")}>
        <span role="alert">{t("app.whatYouveSavedSafe")}</span>
        <Button variant="contained" onClick={() => window.location.reload()}>
          {t("app.reloadPage")}
        </Button>
      </Empty>
    </Box>
  );
}

// Asks for the passcode when the server wants one: on other devices, where it listens beyond its own machine.
const Passcode = lazy(() => import("./Passcode"));

function Gate({ children }: { children: ReactNode }) {
  const [locked, setLocked] = useState(false);
  const client = useQueryClient();
  useEffect(() => {
    const lock = () => setLocked(true);
    window.addEventListener(LOCKED, lock);
    return () => window.removeEventListener(LOCKED, lock);
  }, []);
  if (!locked) return children;
  const enter = async () => {
    setLocked(false);
    await client.resetQueries();
    void sendAll();
  };
  return (
    <Suspense>
      <Passcode onEntered={enter} />
    </Suspense>
  );
}

const Today = lazy(() => import("../areas/bench/Today"));
const BenchView = lazy(() => import("../areas/bench/BenchView"));
const WeekPage = lazy(() => import("../areas/bench/WeekPage"));
const Evening = lazy(() => import("../areas/flips/Evening"));
const Floor = lazy(() => import("../areas/flips/Floor"));
const PiecePage = lazy(() => import("../areas/flips/PiecePage"));
const Books = lazy(() => import("../areas/books/Books"));
const WhatPays = lazy(() => import("../areas/books/WhatPays"));
const TimeAndEstimates = lazy(() => import("../areas/books/TimeAndEstimates"));
const YearPage = lazy(() => import("../areas/books/YearPage"));
const WhatIf = lazy(() => import("../areas/books/WhatIf"));
const ImportFlips = lazy(() => import("../areas/books/ImportFlips"));
const HouseRules = lazy(() => import("../areas/house/HouseRules"));
const HowItFits = lazy(() => import("../areas/house/HowItFits"));

const Spotted = lazy(() => import("../areas/scout/Spotted"));
const NewProspect = lazy(() => import("../areas/scout/NewProspect"));
const ProspectPage = lazy(() => import("../areas/scout/ProspectPage"));
const Card = lazy(() => import("../areas/scout/Card"));
const TrackRecord = lazy(() => import("../areas/scout/TrackRecord"));
const Lots = lazy(() => import("../areas/flips/Lots"));
const LotPage = lazy(() => import("../areas/flips/LotPage"));
const Trips = lazy(() => import("../areas/flips/Trips"));
const Sets = lazy(() => import("../areas/flips/Sets"));
const SetPage = lazy(() => import("../areas/flips/SetPage"));
const Products = lazy(() => import("../areas/shelf/Products"));
const InspectionPage = lazy(() => import("../areas/planning/InspectionPage"));
const LookPage = lazy(() => import("../areas/planning/LookPage"));
const PlanPage = lazy(() => import("../areas/planning/PlanPage"));
const PartsPage = lazy(() => import("../areas/planning/PartsPage"));
const Materials = lazy(() => import("../areas/shelf/Materials"));
const ToBuy = lazy(() => import("../areas/shelf/ToBuy"));
const PricePage = lazy(() => import("../areas/market/PricePage"));
const Market = lazy(() => import("../areas/market/Market"));
const ListingPage = lazy(() => import("../areas/market/ListingPage"));
const Channels = lazy(() => import("../areas/market/Channels"));
const Practice = lazy(() => import("../areas/market/Practice"));
const Tools = lazy(() => import("../areas/tools/Tools"));
const ToolPage = lazy(() => import("../areas/tools/ToolPage"));
const Colours = lazy(() => import("../areas/shelf/Colours"));
const Mixes = lazy(() => import("../areas/shelf/Mixes"));
const MixPage = lazy(() => import("../areas/shelf/MixPage"));
const Stash = lazy(() => import("../areas/shelf/Stash"));

const client = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true, networkMode: "always" } },
});
// What is kept on the device must not be forgotten in memory before.
KEPT_KEYS.forEach((key) => client.setQueryDefaults(key, { gcTime: KEPT_FOR }));
standIn(client);
const kept = {
  persister,
  maxAge: KEPT_FOR,
  buster: __SHAPE__,
  dehydrateOptions: { shouldDehydrateQuery: isKept, shouldDehydrateMutation: () => false },
};

const ROUTES = [
  {
    element: (
      <Unbroken>
        <Shell />
      </Unbroken>
    ),
    children: [
      { path: "/", element: <Today /> },
      { path: "/week", element: <WeekPage /> },
      { path: "/evening", element: <Evening /> },
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
      { path: "/shelf/colours", element: <Colours /> },
      { path: "/shelf/mixes", element: <Mixes /> },
      { path: "/shelf/mixes/:id", element: <MixPage /> },
      { path: "/shelf/products", element: <Products /> },
      { path: "/floor", element: <Floor /> },
      { path: "/pieces/:id", element: <PiecePage /> },
      { path: "/pieces/:id/over", element: <InspectionPage /> },
      { path: "/pieces/:id/look", element: <LookPage /> },
      { path: "/pieces/:id/bench", element: <BenchView /> },
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
      { path: "/books/time", element: <TimeAndEstimates /> },
      { path: "/books/year", element: <YearPage /> },
      { path: "/books/what-if", element: <WhatIf /> },
      { path: "/books/import", element: <ImportFlips /> },
      { path: "/rules", element: <HouseRules /> },
      { path: "/how", element: <HowItFits /> },
      { path: "*", element: <Lost /> },
    ],
  },
];

const Screens = () => useRoutes(ROUTES);

export function App() {
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <CssBaseline />
      <PersistQueryClientProvider client={client} persistOptions={kept}>
        <Gate>
          <UndoProvider>
            <BrowserRouter>
              <Screens />
            </BrowserRouter>
          </UndoProvider>
        </Gate>
      </PersistQueryClientProvider>
    </ThemeProvider>
  );
}

function Lost() {
  return (
    <Empty title={t("app.theresPageAddress")}>
      <Button component={Link} to="/floor" variant="contained">
        {t("app.goFloor")}
      </Button>
    </Empty>
  );
}
