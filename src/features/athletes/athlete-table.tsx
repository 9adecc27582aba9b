"use client";

import {
  createColumnHelper,
  type RowSelectionState,
  rowSelectionFeature,
  rowSortingFeature,
  tableFeatures,
  useTable,
} from "@tanstack/react-table";
import { differenceInCalendarWeeks, format, parseISO } from "date-fns";
import { OLD_AFTER_WEEKS } from "@/core/athlete";
import { AREAS, type AreaId } from "@/core/catalog";
import { formatWeight, type Weight } from "@/core/units";
import type { AthletePage } from "@/server/athletes/athletes";
import { Link } from "@/ui/link";
import { SortHead } from "@/ui/sort-head";
import { TickBox } from "@/ui/tick-box";

type Row = AthletePage["rows"][number];
type Order = AthletePage["query"]["order"];

const features = tableFeatures({ rowSelectionFeature, rowSortingFeature });
const column = createColumnHelper<typeof features, Row>();

/** By the orders that the server knows; the other columns cannot be ordered by. */
const columns = column.columns([
  column.display({
    id: "select",
    header: ({ table }) => (
      <TickBox
        label="Select all on this page"
        isOn={table.getIsAllRowsSelected()}
        onChange={(isOn) => table.toggleAllRowsSelected(isOn)}
      />
    ),
    cell: ({ row }) => (
      <TickBox
        label={`Select ${row.original.name}`}
        isOn={row.getIsSelected()}
        onChange={(isOn) => row.toggleSelected(isOn)}
      />
    ),
  }),
  column.accessor("name", {
    header: "Name",
    cell: ({ row: { original } }) => (
      <Link href={`/athletes/${original.id}`} className="inline-flex min-h-9 items-center hover:text-ember">
        {original.name}
      </Link>
    ),
  }),
  column.accessor("group", { header: "Group" }),
  column.accessor("experience", { header: "Experience", enableSorting: false }),
  column.accessor("bodyWeight", {
    header: "Body weight",
    enableSorting: false,
    cell: ({ row: { original: r } }) =>
      r.bodyWeight !== null && (
        <span className="condensed text-sm">
          {formatWeight(r.bodyWeight as Weight)} {r.unit}
        </span>
      ),
  }),
  column.accessor("areas", {
    header: "Injuries and cautions",
    enableSorting: false,
    cell: ({ row: { original } }) => original.areas.map((a) => AREAS[a.area as AreaId] ?? a.area).join(", "),
  }),
  column.accessor("newest", { id: "updated", header: "Last working weight" }),
]);

/** How the head and the cells of a column look. */
const LOOK: Record<string, string> = {
  select: "w-9",
  name: "text-left font-semibold",
  group: "text-ink-soft",
  experience: "text-ink-soft capitalize",
  bodyWeight: "text-right",
  areas: "pl-6 text-ink-soft",
};

/** A page of athletes, ordered by the server. */
export function AthleteTable({
  page: { rows, query, day },
  chosen,
  onChoose,
  onOrder,
}: {
  page: AthletePage;
  chosen: RowSelectionState;
  onChoose: (chosen: RowSelectionState) => void;
  onOrder: (order: Order) => void;
}) {
  const table = useTable({
    features,
    columns,
    data: rows,
    getRowId: (r) => r.id,
    manualSorting: true,
    state: { rowSelection: chosen, sorting: [{ id: query.order, desc: false }] },
    onRowSelectionChange: (to) => onChoose(typeof to === "function" ? to(chosen) : to),
  });
  return (
    <table className="w-full min-w-[46rem] border-collapse">
      <caption className="sr-only">Athletes</caption>
      <thead>
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id} className="border-b border-ink text-left text-xs text-ink-soft">
            {group.headers.map((header) =>
              header.column.getCanSort() ? (
                <SortHead
                  key={header.id}
                  label={String(header.column.columnDef.header)}
                  isOn={header.column.getIsSorted() !== false}
                  onSort={() => onOrder(header.id as Order)}
                />
              ) : (
                <th key={header.id} className={`pr-3 font-semibold ${LOOK[header.id] ?? ""}`}>
                  <table.FlexRender header={header} />
                </th>
              ),
            )}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.getRowModel().rows.map((row) => (
          <tr key={row.id} className="border-b border-line hover:bg-field">
            {row.getAllCells().map((cell) => {
              const { id } = cell.column;
              const Cell = id === "name" ? "th" : "td";
              return (
                <Cell
                  key={cell.id}
                  scope={id === "name" ? "row" : undefined}
                  className={`pr-3 ${LOOK[id] ?? ""}`}
                >
                  {id === "updated" ? (
                    <NewestWeight newest={row.original.newest} day={day} />
                  ) : (
                    <table.FlexRender cell={cell} />
                  )}
                </Cell>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** When the newest working weight was entered; none and an old one stand out. */
function NewestWeight({ newest, day }: { newest: string | null; day: string }) {
  if (newest === null) return <span className="font-semibold text-ember">None yet</span>;
  const weeks = differenceInCalendarWeeks(parseISO(day), parseISO(newest));
  return (
    <span className={weeks > OLD_AFTER_WEEKS ? "font-semibold text-ochre-deep" : "text-ink-soft"}>
      {format(parseISO(newest), "d MMM yyyy")}
      {weeks > OLD_AFTER_WEEKS && `, ${weeks} weeks ago`}
    </span>
  );
}
