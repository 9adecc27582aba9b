import Papa from "papaparse";

type Cell = unknown;

/** Rows of a sheet as CSV; days as ISO days. */
export function csvOf(rows: readonly (readonly Cell[])[]): string {
  const inText = (cell: Cell) => (cell instanceof Date ? cell.toISOString().slice(0, 10) : cell);
  return Papa.unparse(
    rows.map((row) => row.map(inText)),
    { newline: "\n" },
  );
}
