import type { OrderRequest } from "../api/types";

/** A line of the list with something changed; what is not shown stays. */
export const changed = (given: OrderRequest, change: Partial<OrderRequest>): OrderRequest => ({
  ...given,
  ...change,
});
