"use client";

import { ArrowDown } from "lucide-react";

/** The head of a column by which a table can be ordered. */
export function SortHead({
  label,
  isOn,
  order = "ascending",
  onSort,
}: {
  label: string;
  /** Whether the table is ordered by it now. */
  isOn: boolean;
  order?: "ascending" | "descending";
  onSort: () => void;
}) {
  return (
    <th aria-sort={isOn ? order : "none"} className="pr-3">
      <button
        type="button"
        onClick={onSort}
        className={`inline-flex min-h-8 items-center gap-1 text-xs font-semibold hover:text-ink ${isOn ? "text-ink" : "text-ink-soft"}`}
      >
        {label}
        <ArrowDown
          aria-hidden
          className={`size-3 ${isOn ? "" : "opacity-0"} ${order === "descending" ? "rotate-180" : ""} print:hidden`}
        />
      </button>
    </th>
  );
}
