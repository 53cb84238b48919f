import { Modal } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useEffect } from "react";
import { BrowserRouter, Link, Route, Routes } from "react-router";
import { BeginPage } from "./begin/BeginPage";
import { beginQuery } from "./begin/begin";
import { outbox, useOutbox } from "./job/bench";
import { PinAgain } from "./people/PinAgain";
import { SignIn } from "./people/SignIn";
import { meQuery } from "./people/session";
import { photosOf } from "./photo";
import { Fault } from "./shared/Caution";
import { usePreferences } from "./shared/preferences";
import { Places } from "./shell/Places";

const FloorPage = lazy(() => import("./floor"));
const UnitsPage = lazy(() => import("./unit"));
const NewUnitPage = lazy(() => import("./unit/NewUnitPage"));
const CorrectPapersPage = lazy(() => import("./unit/CorrectPapersPage"));
const UnitPage = lazy(() => import("./unit/UnitPage"));
const PlacePage = lazy(() => import("./place"));
const DuePage = lazy(() => import("./due"));
const DrawersPage = lazy(() => import("./drawers"));
const DrawerPage = lazy(() => import("./drawers/one"));
const ShopPage = lazy(() => import("./shop"));
const JobPage = lazy(() => import("./job"));
const ReportPage = lazy(() => import("./report"));
const BenchSheetPage = lazy(() =>
  import("./inspect/BenchSheetPage").then((m) => ({ default: m.BenchSheetPage })),
);

export function App() {
  const me = useQuery(meQuery);
  const begun = useQuery(beginQuery);
  const { suggest } = usePreferences();
  const { signedOut, waiting } = useOutbox();

  const who = me.data;
  useEffect(() => {
    if (who) {
      outbox.signedIn({ id: who.id, name: who.name });
      photosOf(who.id);
    }
  }, [who]);

  useEffect(() => {
    const online = () => void outbox.flush();
    window.addEventListener("online", online);
    return () => window.removeEventListener("online", online);
  }, []);

  const shop = begun.data?.shop;
  useEffect(() => {
    if (shop) {
      suggest({
        system: shop.system === "INCH" ? "inch" : "metric",
        decimal: shop.decimal === "," ? "," : ".",
      });
    }
  }, [shop, suggest]);

  if (me.isPending || begun.isPending) {
    return <p style={{ padding: 24 }}>Opening…</p>;
  }
  if (me.isError || begun.isError) {
    return (
      <main style={{ padding: 24, maxWidth: 640 }}>
        <Fault>The server cannot be reached. Is it running? What you entered is kept on this device.</Fault>
      </main>
    );
  }
  if (begun.data.kind === "NEW") {
    return <BeginPage />;
  }
  if (!me.data) {
    return <SignIn waiting={waiting.length} />;
  }
  return (
    <BrowserRouter>
      <Suspense fallback={<p style={{ padding: 24 }}>Opening…</p>}>
        <Routes>
          <Route element={<Places />}>
            <Route index element={<FloorPage />} />
            <Route path="units" element={<UnitsPage />} />
            <Route path="units/new" element={<NewUnitPage />} />
            <Route path="units/:id" element={<UnitPage />} />
            <Route path="units/:id/papers" element={<CorrectPapersPage />} />
            <Route path="units/:id/places/:placeId" element={<PlacePage />} />
            <Route path="due" element={<DuePage />} />
            <Route path="drawers" element={<DrawersPage />} />
            <Route path="drawers/:name" element={<DrawerPage />} />
            <Route path="shop" element={<ShopPage />} />
            <Route path="*" element={<Nowhere />} />
          </Route>
          <Route path="jobs/:number/report" element={<ReportPage />} />
          <Route path="jobs/:number/checks" element={<BenchSheetPage />} />
          <Route path="jobs/:number" element={<JobPage />} />
          <Route path="jobs/:number/:station" element={<JobPage />} />
        </Routes>
      </Suspense>
      <PinAgain name={me.data.name} />
      <Modal opened={signedOut} onClose={() => undefined} withCloseButton={false} fullScreen padding={0}>
        <SignIn waiting={waiting.length} />
      </Modal>
    </BrowserRouter>
  );
}

function Nowhere() {
  return (
    <>
      <h1>There is nothing here</h1>
      <p>
        The address leads nowhere. <Link to="/">Back to the Floor</Link>
      </p>
    </>
  );
}
