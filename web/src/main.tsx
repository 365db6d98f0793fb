import "@fontsource-variable/atkinson-hyperlegible-next/wght.css";
import "./styles.css";
import {
  MutationCache,
  notifyManager,
  QueryCache,
  QueryClient,
  QueryClientProvider,
} from "@tanstack/react-query";
import { lazy, StrictMode, Suspense } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Route, Routes } from "react-router";
import { ProblemError } from "./api/client";
import { sessionQuery } from "./api/queries";
import { Door } from "./access/Door";
import { UnitsProvider } from "./units/UnitsProvider";

const ShelfView = lazy(() => import("./shelf/ShelfView"));
const CompareView = lazy(() => import("./compare/CompareView"));
const SheetView = lazy(() => import("./sheet/SheetView"));
const BenchView = lazy(() => import("./bench/BenchView"));
const LogView = lazy(() => import("./log/LogView"));
const SeasonView = lazy(() => import("./season/SeasonView"));
const GarageView = lazy(() => import("./garage/GarageView"));
const SwapView = lazy(() => import("./season/SwapView"));
const AdviceView = lazy(() => import("./advice/AdviceView"));
const PrintView = lazy(() => import("./sheet/PrintView"));
const LineView = lazy(() => import("./line/LineView"));

// a tick shows in the turn in which it was pressed: a timer later the box has already sprung back once
notifyManager.setScheduler(queueMicrotask);

// a session that ended while the page stood open: ask for the passphrase again
const onError = (error: Error) => {
  if (error instanceof ProblemError && error.problem.status === 401) {
    client.setQueryData(sessionQuery.queryKey, { wanted: true, open: false });
  }
};

const client: QueryClient = new QueryClient({
  queryCache: new QueryCache({ onError }),
  mutationCache: new MutationCache({ onError }),
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
});

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <UnitsProvider>
        <BrowserRouter>
          <Door>
            <Suspense fallback={<p className="p-7 text-ink-3">Opening…</p>}>
              <Routes>
                <Route path="/rigs/:id/sheet" element={<SheetView />} />
                <Route path="/rigs/:id/bench" element={<BenchView />} />
                <Route path="/rigs/:id/log" element={<LogView />} />
                <Route path="/rigs/:id/season" element={<SeasonView />} />
                <Route path="/rigs/:id/advice" element={<AdviceView />} />
                <Route path="/rigs/:id/swap" element={<SwapView />} />
                <Route path="/rigs/:id/print" element={<PrintView />} />
                <Route path="/rigs/:id/:link?" element={<LineView />} />
                <Route path="/garage" element={<GarageView />} />
                <Route path="/compare" element={<CompareView />} />
                <Route path="/compare/:left/:right" element={<CompareView />} />
                <Route path="*" element={<ShelfView />} />
              </Routes>
            </Suspense>
          </Door>
        </BrowserRouter>
      </UnitsProvider>
    </QueryClientProvider>
  </StrictMode>,
);
