"use client";

import { useKeptPages } from "@/client/floor-worker";

/** The sessions of the day can be started and run while the server is away. */
export function KeptFloors({ ids }: { ids: readonly string[] }) {
  useKeptPages(ids.map((id) => `/session/${encodeURIComponent(id)}/floor`));
  return null;
}
