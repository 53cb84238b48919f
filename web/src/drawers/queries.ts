import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import type { DrawerView } from "../api/types";

export const drawersQuery = queryOptions({
  queryKey: ["drawers"],
  queryFn: () => request("GET", "/api/drawers"),
  staleTime: Number.POSITIVE_INFINITY,
});

export const lubricantsQuery = queryOptions({
  queryKey: ["lubricants"],
  queryFn: () => request("GET", "/api/lubricants"),
});

export const instrumentsQuery = queryOptions({
  queryKey: ["instruments"],
  queryFn: () => request("GET", "/api/instruments"),
});

/** Drawers of oil and grease stand at Fill, all others at Inspect and Set. */
export const isOfTheOilRoom = (drawer: DrawerView) =>
  drawer.section === "Oil" || drawer.section === "Grease, and what goes where";
