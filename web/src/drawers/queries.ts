import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import type { DrawerView, InstrumentView, LubricantView } from "../api/types";

export const drawersQuery = queryOptions({
  queryKey: ["drawers"],
  queryFn: () => request<DrawerView[]>("GET", "/api/drawers"),
  staleTime: Number.POSITIVE_INFINITY,
});

export const lubricantsQuery = queryOptions({
  queryKey: ["lubricants"],
  queryFn: () => request<LubricantView[]>("GET", "/api/lubricants"),
});

export const instrumentsQuery = queryOptions({
  queryKey: ["instruments"],
  queryFn: () => request<InstrumentView[]>("GET", "/api/instruments"),
});

/** Drawers of oil and grease stand at Fill, all others at Inspect and Set. */
export const isOfTheOilRoom = (drawer: DrawerView) =>
  drawer.section === "Oil" || drawer.section === "Grease, and what goes where";
