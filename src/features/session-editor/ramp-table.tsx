"use client";

import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
} from "@tanstack/react-table";
import { useMemo } from "react";
import { useCatalog } from "@/client/catalog";
import { liftById } from "@/core/catalog";
import type { GroupPlan } from "@/core/group";
import type { GymKit } from "@/core/gym";
import { isBarKit } from "@/core/plates";
import { describeLoad, loadUnit, type Ramp, type RampSet } from "@/core/ramp";
import { formatClock, formatWeight, type Weight } from "@/core/units";
import { heatColour } from "@/features/shared/heat";
import { PlateStrip } from "@/features/shared/plate-strip";
import { Link } from "@/ui/link";
import { PrintButton } from "@/ui/print-button";
import { SortHead } from "@/ui/sort-head";

/** One ramp of one athlete. */
interface Row {
  key: string;
  name: string;
  athleteId: string;
  lift: string;
  ramp: Ramp;
}

const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });
const column = createColumnHelper<typeof features, Row>();
const byName = (a: Row, b: Row) => a.name.localeCompare(b.name);

/** What the ramps can be ordered by; those that are alike by the athlete's name. */
const columns = column.columns([
  column.accessor("name", {
    header: "Athlete",
    sortFn: ({ original: a }, { original: b }) => byName(a, b),
  }),
  column.accessor("lift", {
    header: "Lift",
    sortFn: ({ original: a }, { original: b }) => a.lift.localeCompare(b.lift) || byName(a, b),
  }),
  column.accessor((r) => r.ramp.working.weight, {
    id: "weight",
    header: "Working weight",
    sortDescFirst: true,
    sortFn: ({ original: a }, { original: b }) =>
      a.ramp.working.weight - b.ramp.working.weight || byName(b, a),
  }),
]);

/** Everybody's ramps, athletes down and sets across, to look at from two metres or to print on one page. */
export function RampTable({
  sessionId,
  plan,
  gym,
  onPaper = false,
}: {
  sessionId: string;
  plan: GroupPlan;
  gym: GymKit;
  /** Whether it is one of several sheets: there is a place for notes, and the page has the button to print. */
  onPaper?: boolean;
}) {
  const catalog = useCatalog();
  const data = useMemo(
    () =>
      plan.members.flatMap((member) =>
        member.ramps.flatMap((ramp, i): Row[] => {
          if (!ramp) return [];
          const lift = liftById(catalog, ramp.lift)?.name ?? ramp.lift;
          return [{ key: `${member.id} ${i}`, name: member.name, athleteId: member.id, lift, ramp }];
        }),
      ),
    [plan, catalog],
  );
  const table = useTable({
    features,
    columns,
    data,
    getRowId: (r) => r.key,
    initialState: { sorting: [{ id: "name", desc: false }] },
    enableSortingRemoval: false,
  });
  const rows = table.getRowModel().rows.map((r) => r.original);
  const without = plan.members.filter((m) => m.ramps.every((ramp) => ramp === null || ramp === undefined));
  const sortHead = (id: string) => {
    const by = table.getColumn(id)!;
    const sorted = by.getIsSorted();
    return (
      <SortHead
        label={String(by.columnDef.header)}
        isOn={sorted !== false}
        order={sorted === "desc" ? "descending" : "ascending"}
        onSort={() => by.toggleSorting()}
      />
    );
  };
  const sets = Math.max(0, ...rows.map((r) => r.ramp.sets.length));
  return (
    <section aria-label="Ramps" className="mt-4 print:mt-2">
      <div className="flex items-end justify-between gap-4 print:hidden">
        <p className="text-ink-soft">
          {rows.length === 1 ? "One ramp" : `${rows.length} ramps`}. Plates are those of one side, inside
          first.
        </p>
        {!onPaper && <PrintButton look="quiet" />}
      </div>
      <div className="relative mt-1 overflow-x-auto print:overflow-visible">
        <table className="w-full min-w-[60rem] table-fixed border-collapse">
          <caption className="sr-only">Ramp sets of everybody</caption>
          <colgroup>
            <col className="w-40" />
            <col className="w-32" />
            {Array.from({ length: sets }, (_, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a column is its number
              <col key={i} />
            ))}
            <col className="w-36" />
            <col className="w-12" />
            {onPaper && <col className="w-32" />}
          </colgroup>
          <thead>
            <tr className="border-b border-ink text-left align-bottom">
              {sortHead("name")}
              {sortHead("lift")}
              {Array.from({ length: sets }, (_, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a column is its number
                <th key={i} className="pr-2 text-xs font-semibold text-ink-soft">
                  <span className="inline-flex min-h-8 items-center">
                    <span className="sr-only">Set </span>
                    {i + 1}
                  </span>
                </th>
              ))}
              {sortHead("weight")}
              <th className="text-right text-xs font-semibold text-ink-soft">
                <span className="inline-flex min-h-8 items-center">Takes</span>
              </th>
              {onPaper && (
                <th className="pl-3 text-xs font-semibold text-ink-soft">
                  <span className="inline-flex min-h-8 items-center">Notes</span>
                </th>
              )}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ key, name, athleteId, lift, ramp }) => (
              <tr
                key={key}
                className="break-inside-avoid border-b border-line align-top [&>*]:print:py-[2px]"
              >
                <th scope="row" className="py-1 pr-3 text-left leading-tight font-semibold">
                  <Link href={`/session/${sessionId}/${athleteId}`} className="hover:text-ember">
                    {name}
                  </Link>
                </th>
                <td className="condensed py-1 pr-3 text-sm leading-tight">{lift}</td>
                {Array.from({ length: sets }, (_, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: a cell is its set's number
                  <td key={i} className="py-1 pr-2">
                    {ramp.sets[i] && <SetCell set={ramp.sets[i]} ramp={ramp} gym={gym} />}
                  </td>
                ))}
                <td className="py-1 pr-3">
                  <span className="condensed block text-lg leading-none font-bold whitespace-nowrap text-ember print:text-base print:leading-none">
                    {formatWeight(ramp.working.weight)}
                    <span className="text-xs font-semibold"> {loadUnit(ramp.kit, gym.unit)}</span>
                  </span>
                  <Plates load={ramp.working} ramp={ramp} gym={gym} />
                </td>
                <td className="py-1 text-right whitespace-nowrap text-ink-soft">
                  {formatClock(ramp.totals.seconds)}
                </td>
                {onPaper && <td className="border-l border-line" />}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {rows.length === 0 && (
        <p className="mt-3 text-ink-soft">
          Nobody has a ramp yet. Enter a working weight on each athlete's page.
        </p>
      )}
      {rows.length > 0 && without.length > 0 && (
        <p className="mt-2 text-ink-soft">
          No ramp without a working weight: {without.map((m) => m.name).join(", ")}.
        </p>
      )}
    </section>
  );
}

function SetCell({ set, ramp, gym }: { set: RampSet; ramp: Ramp; gym: GymKit }) {
  return (
    <span className="block border-l-[3px] pl-1.5" style={{ borderColor: heatColour(set.fraction) }}>
      <span className="condensed block leading-none font-bold whitespace-nowrap">
        <span className="text-lg leading-none print:text-base print:leading-none">
          {formatWeight(set.weight)}
        </span>
        <span className="text-xs font-medium text-ink-soft"> × {set.reps}</span>
      </span>
      <Plates load={set} ramp={ramp} gym={gym} />
    </span>
  );
}

/** The plates of one side, drawn and in numbers; what to take where there are none. */
function Plates({
  load,
  ramp,
  gym,
}: {
  load: { weight: Weight; perSide: Weight[]; add: Weight[]; strip: Weight[] };
  ramp: Ramp;
  gym: GymKit;
}) {
  if (!isBarKit(ramp.kit)) {
    const isBody = ramp.kit.kind === "bodyweight";
    return isBody ? (
      <span className="block text-2xs text-ink-soft">{describeLoad(ramp.kit, load, gym.unit)}</span>
    ) : null;
  }
  return (
    <span className="condensed flex items-center gap-1 text-2xs leading-tight text-ink-soft">
      <PlateStrip plates={gym.plates} perSide={load.perSide} scale={0.03} />
      {load.perSide.map(formatWeight).join(" + ") || "empty"}
    </span>
  );
}
