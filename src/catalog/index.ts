import { withCustomContent } from "@/core/catalog";
import { memoize } from "@/lib/memoize";
import { shippedCatalog } from "./shipped";

export { shippedCatalog };

/** The catalog of a gym: what ships with the gym's custom content beside it. The same value for the same content. */
export const catalogWith = memoize((custom: Parameters<typeof withCustomContent>[1]) =>
  withCustomContent(shippedCatalog, custom),
);
