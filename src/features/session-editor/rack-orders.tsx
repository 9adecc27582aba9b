"use client";

import { LIMITS } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import {
  type BarSet,
  MOST_ON_A_BAR,
  ordersByShift,
  type RackOrder,
  rackTitles,
  type Shortage,
  shortages,
  turnChange,
} from "@/core/rack";
import type { RackSetup } from "@/core/session";
import { formatClock, formatWeight, formatWeightWithUnit } from "@/core/units";
import { type ChoiceGroup, LabelledChoice } from "@/ui/choice";
import { WholeStepper } from "@/ui/whole-stepper";
import type { SharedRacks } from "./use-rack-orders";

/** The ramps over the racks there are: who shares a bar with whom, who lifts when, and what goes on and off. */
export function RackOrders({
  shared: { request, orders },
  gym,
  setup,
  onSetup,
}: {
  shared: SharedRacks;
  gym: GymKit;
  setup: RackSetup;
  /** Changes how bars are shared; absent: it stays as it is, as on paper. */
  onSetup?: (to: RackSetup) => void;
}) {
  const { loaders, stock } = setup;
  if (!request) return null;
  const { lifters, racks } = request;
  const nameOf = (lifter: number) => lifters[lifter]!.name.split(" ")[0]!;
  return (
    <section aria-label="Racks" className="mt-10 print:mt-0 print:break-before-page">
      <h2 className="section-title">Racks</h2>
      <div className="mt-1 flex flex-wrap items-end gap-x-5 gap-y-2">
        {onSetup && (
          <>
            <WholeStepper
              label="Racks"
              value={racks}
              range={LIMITS.racks}
              onChange={(to) => onSetup({ ...setup, count: to })}
            />
            <WholeStepper
              label="Loaders"
              value={loaders}
              range={[1, 2]}
              onChange={(n) => onSetup({ ...setup, loaders: n as 1 | 2 })}
            />
            <LabelledChoice
              label="Plates"
              value={stock}
              groups={STOCKS}
              onChange={(of) => onSetup({ ...setup, stock: of as RackSetup["stock"] })}
            />
          </>
        )}
        <p role="status" className="min-h-8 pb-1 text-ink-soft">
          {orders
            ? summary(orders, racks, gym.counts?.rack ?? Number.POSITIVE_INFINITY)
            : "Working out the order"}
        </p>
      </div>
      {orders &&
        ordersByShift(orders).map((here, shift, all) => (
          <div key={here[0]!.lifters.join()} className="mt-4">
            {all.length > 1 && <h3 className="mb-2 text-sm font-bold">Shift {shift + 1}</h3>}
            {stock === "room" && (
              <Shortages
                found={shortages(here, lifters, gym.plates)}
                unit={gym.unit}
                titles={rackTitles(here, lifters)}
              />
            )}
            <div className="grid gap-x-8 gap-y-8 sm:grid-cols-2 xl:grid-cols-4 print:grid-cols-4 print:gap-x-5">
              {here.map((order, r) => (
                <RackSheet
                  key={order.lifters.join()}
                  title={rackTitles(here, lifters)[r]!}
                  order={order}
                  nameOf={(i) => nameOf(order.lifters[i]!)}
                  setOf={(i, set) => lifters[order.lifters[i]!]!.sets[set]!}
                />
              ))}
            </div>
          </div>
        ))}
    </section>
  );
}

const STOCKS: readonly ChoiceGroup[] = [
  {
    options: [
      { value: "rack", label: "At each rack", note: "Every rack has the gym's plates to itself." },
      { value: "room", label: "Shared plates", note: "All racks load from the same plates." },
    ],
  },
];

function summary(orders: readonly RackOrder[], racks: number, there: number): string {
  const ends = ordersByShift(orders).map((here) => Math.max(...here.map((o) => o.best.seconds)));
  const turns = ordersByShift(orders).map((here) => Math.max(...here.map((o) => o.turns.seconds)));
  const slowest = Math.max(...ends);
  const saved = Math.max(...turns) - slowest;
  const against = saved > 0 ? `, ${formatClock(saved)} faster than simply taking turns` : "";
  const proven = orders.every((o) => o.isProven)
    ? " Fastest possible order."
    : " Not proven to be the fastest order.";
  const shifts =
    ends.length > 1 ? ` At most ${MOST_ON_A_BAR} share a bar, so they come in ${ends.length} shifts.` : "";
  const tooMany = racks > there ? ` This gym has ${there} racks.` : "";
  return `The last rack is ready ${formatClock(slowest)} after the start${against}.${proven}${shifts}${tooMany}`;
}

/** When one stock of plates would not do, and where. */
function Shortages({
  found,
  unit,
  titles,
}: {
  found: readonly Shortage[];
  unit: GymKit["unit"];
  /** What each rack is called. */
  titles: readonly string[];
}) {
  if (found.length === 0) return <p className="mb-3 text-ink-soft">There are enough plates for all racks.</p>;
  return (
    <ul className="mb-3 w-fit space-y-0.5 bg-ochre-wash px-2 py-1.5">
      {found.map((s) => (
        <li key={`${s.plate} ${s.from}`}>
          <span className="font-semibold">
            {formatClock(s.from)} to {formatClock(s.to)}
          </span>
          : {s.needed} pairs of {formatWeightWithUnit(s.plate, unit)} wanted, {s.there} there (
          {s.racks.map((r) => titles[r]).join(", ")}).
        </li>
      ))}
    </ul>
  );
}

function RackSheet({
  title,
  order: { best },
  nameOf,
  setOf,
}: {
  title: string;
  order: RackOrder;
  nameOf: (lifter: number) => string;
  setOf: (lifter: number, set: number) => BarSet;
}) {
  return (
    <table className="w-full border-collapse self-start [&_tr]:break-inside-avoid">
      <caption className="pb-1 text-left">
        <span className="font-bold">{title}</span>{" "}
        <span className="text-ink-faint">ready after {formatClock(best.seconds)}</span>
      </caption>
      <thead className="sr-only">
        <tr>
          <th>At</th>
          <th>Who</th>
          <th>Load</th>
        </tr>
      </thead>
      <tbody>
        {best.turns.map((turn) => {
          const set = setOf(turn.lifter, turn.set);
          return (
            <tr key={`${turn.lifter} ${turn.set}`} className="border-t border-line align-baseline">
              <td className="w-11 py-1 pr-2 text-right text-ink-faint">{formatClock(turn.startsAt)}</td>
              <td className="py-1 pr-2">
                <span className="font-semibold">{nameOf(turn.lifter)}</span>
                <span className="block text-2xs text-balance text-ink-soft">{turnChange(turn, set)}</span>
              </td>
              <td className="py-1 text-right whitespace-nowrap">
                <span className="condensed text-base font-bold">{formatWeight(set.weight)}</span>
                <span className="condensed text-ink-soft"> × {set.reps}</span>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
