"use client";

import { catalog } from "@/catalog";
import { drillById } from "@/core/catalog";
import type { WarmUpDraft, WarmUpEdit } from "@/core/warm-up";

/** The drills that the coach has taken out, each with a way back. */
export function Dropped({ draft, onEdit }: { draft: WarmUpDraft; onEdit: (edit: WarmUpEdit) => void }) {
  if (draft.dropped.length === 0) return null;
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 gap-y-1 py-2 text-ink-soft">
      Dropped:
      {draft.dropped.map((id) => (
        <button
          key={id}
          type="button"
          className="underline decoration-line-strong underline-offset-4 hover:text-ink"
          onClick={() => onEdit({ kind: "restore-drill", drill: id })}
        >
          {drillById(catalog, id)?.name ?? id}
          <span className="sr-only">: bring back</span>
        </button>
      ))}
    </p>
  );
}
