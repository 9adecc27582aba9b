"use client";

import { Download } from "lucide-react";
import type { ReactNode } from "react";
import { csvOf } from "@/features/athletes/csv-of";
import { Button } from "@/ui/button";

/** What stands in a chart, as rows. */
export interface Table {
  columns: readonly string[];
  rows: readonly (readonly (string | number)[])[];
}

/** Rows of a table that are shown; all are in its file. */
const MOST_ROWS = 200;

/** A chart with what it shows as a table, and as a file. */
export function ChartFrame({
  title,
  said,
  caption,
  table,
  file,
  children,
}: {
  title: string;
  /** What the picture says, for those who do not see it. */
  said: string;
  caption: string;
  table: Table;
  /** The name of its file, without the ending. */
  file: string;
  children: ReactNode;
}) {
  const download = () => {
    const url = URL.createObjectURL(
      new Blob([csvOf([table.columns, ...table.rows])], { type: "text/csv;charset=utf-8" }),
    );
    const link = Object.assign(document.createElement("a"), { href: url, download: `${file}.csv` });
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <figure>
      {/* Until it has measured itself anew, a chart is as wide as the window was before. */}
      <div role="img" aria-label={said} className="overflow-hidden">
        {children}
      </div>
      <figcaption className="text-2xs text-ink-soft">{caption}</figcaption>
      <div className="mt-1 flex items-start gap-4 print:hidden">
        <details className="min-w-0 flex-1">
          <summary className="inline-flex min-h-8 cursor-pointer items-center text-ink-soft underline underline-offset-4 hover:text-ink">
            As a table
          </summary>
          <div className="max-h-80 overflow-auto">
            <table className="mt-1 w-full border-collapse">
              <caption className="sr-only">{title}</caption>
              <thead>
                <tr className="border-b border-ink text-left">
                  {table.columns.map((c) => (
                    <th key={c} scope="col" className="py-1 pr-4 font-semibold">
                      {c}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {table.rows.slice(-MOST_ROWS).map((row, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: rows have no name and do not move
                  <tr key={i} className="border-b border-line">
                    {row.map((cell, at) => (
                      // biome-ignore lint/suspicious/noArrayIndexKey: a cell is its column
                      <td key={at} className="py-1 pr-4">
                        {cell}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </details>
        <Button look="bare" onClick={download} aria-label={`${title} as CSV`}>
          <Download aria-hidden className="size-4" />
          CSV
        </Button>
      </div>
    </figure>
  );
}
