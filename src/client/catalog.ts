"use client";

import { catalogWith } from "@/catalog";
import type { Catalog } from "@/core/catalog";
import { useCustomContent } from "./custom-content";

/** The catalog as the page knows it now. The same value until the gym's custom content changes. */
export function useCatalog(): Catalog {
  return catalogWith(useCustomContent().custom);
}
