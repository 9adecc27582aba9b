"use client";

import { useCatalog } from "@/client/catalog";
import { type DrillId, drillById } from "@/core/catalog";

/** The drills that the coach has taken out, each with a way back. */
export function Dropped({
  drills,
  onRestore,
}: {
  drills: readonly DrillId[];
  onRestore: (drill: DrillId) => void;
}) {
  const catalog = useCatalog();
  if (drills.length === 0) return null;
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 gap-y-1 py-2 text-ink-soft">
      Dropped:
      {drills.map((id) => (
        <button
          key={id}
          type="button"
          className="min-h-6 underline decoration-line-strong underline-offset-4 hover:text-ink"
          onClick={() => onRestore(id)}
        >
          {drillById(catalog, id)?.name ?? id}
          <span className="sr-only">: restore</span>
        </button>
      ))}
    </p>
  );
}
