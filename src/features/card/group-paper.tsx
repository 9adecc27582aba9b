"use client";

import { Fragment } from "react";
import { useCatalog } from "@/client/catalog";
import { type Drill, drillById, needsOf, PHASE_NAMES } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import type { GroupPlan } from "@/core/group";
import type { GymKit } from "@/core/gym";
import { arriveBy, readyWords, type Session, sharedRows } from "@/core/session";
import { formatClock, formatSeconds } from "@/core/units";
import { RackOrders } from "@/features/session-editor/rack-orders";
import { RampTable } from "@/features/session-editor/ramp-table";
import { useSharedRacks } from "@/features/session-editor/use-rack-orders";
import { DrillFigure } from "@/features/shared/figure";
import { useTimeInWords } from "@/ui/conventions";
import { dayInWords } from "@/ui/day-in-words";

const HEAD = "border-b border-ink py-1 pr-3 text-left text-xs font-semibold text-ink-soft";
const CELL = "border-b border-line py-1.5 pr-3 align-baseline";

/**
 * A session on paper for the wall: what all do, what each does alone, everybody's ramps and the racks. It hangs where
 * everybody reads it, so it says nothing of areas and notes.
 */
export function GroupPaper({ session, plan, gym }: { session: Session; plan: GroupPlan; gym: GymKit }) {
  const catalog = useCatalog();
  const inWords = useTimeInWords();
  const racks = useSharedRacks(plan, session.racks, gym);
  const readyAt = racks.ready?.seconds ?? plan.seconds;
  const together = session.together && plan.shared.length > 0;
  const drillName = (id: string) => drillById(catalog, id)?.name ?? id;
  const rows = sharedRows(plan, session, catalog);
  const kitOf = (drill: Drill) => needsOf(drill, gym).join(", ");
  const firstName = (id: string) => plan.members.find((m) => m.id === id)?.name.split(" ")[0] ?? id;
  return (
    <div data-theme="light" className="bg-field px-4 py-8 text-ink sm:px-10 print:p-0">
      <header className="flex flex-wrap items-end justify-between gap-4 border-b-2 border-ink pb-2">
        <h1 className="text-2xl leading-tight font-extrabold tracking-tight">{session.name}</h1>
        <p className="text-ink-soft">
          {dayInWords(session.day)}
          {session.time &&
            `, first working set ${inWords(session.time)}, arrive ${inWords(arriveBy(session.time, session.minutes, readyAt))}`}
          {`. ${readyWords(readyAt, session.minutes)}.`}
        </p>
      </header>
      {together && (
        <div className="relative overflow-x-auto print:overflow-visible">
          <table className="mt-4 w-full min-w-[44rem] border-collapse">
            <caption className="pb-1 text-left text-base font-bold">Shared drills</caption>
            <thead>
              <tr>
                <th className={`${HEAD} w-20`}>
                  <span className="sr-only">Number</span>
                </th>
                <th className={HEAD}>Drill</th>
                <th className={HEAD}>Dose</th>
                <th className={HEAD}>With</th>
                <th className={HEAD}>Instead</th>
                <th className={`${HEAD} w-1/4`}>Notes</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => {
                if (row.kind === "test") {
                  const { drill, looksFor, seconds } = row.test;
                  return (
                    <tr key={row.key} className="break-inside-avoid">
                      <td className={CELL} />
                      <td className={CELL}>
                        <strong className="font-semibold">Test: {drill.name}</strong>
                        <span className="block text-xs text-ink-soft">{looksFor}</span>
                      </td>
                      <td className={`${CELL} condensed font-semibold`}>{formatSeconds(seconds)}</td>
                      <td className={`${CELL} text-xs`}>{kitOf(drill)}</td>
                      <td className={CELL} />
                      <td className={`${CELL} border-l border-l-line`} />
                    </tr>
                  );
                }
                const { shared: s, opens: circuit, offers } = row;
                const i = plan.shared.indexOf(s);
                const drill = drillById(catalog, s.drill)!;
                return (
                  <Fragment key={s.drill}>
                    {circuit && (
                      <tr>
                        <td className={CELL} />
                        <th
                          colSpan={5}
                          scope="rowgroup"
                          className={`${CELL} condensed text-left font-semibold`}
                        >
                          {circuit}
                        </th>
                      </tr>
                    )}
                    <tr className="break-inside-avoid">
                      <td className={`${CELL} font-semibold text-ink-soft`}>
                        <span className="flex items-center gap-1">
                          {i + 1}
                          <DrillFigure drill={drill} className="on-field -my-1 w-12" />
                        </span>
                      </td>
                      <td className={`${CELL} ${s.circuit ? "pl-4" : ""}`}>
                        <strong className="font-semibold">{s.name}</strong>{" "}
                        {plan.shared[i - 1]?.phase !== s.phase && (
                          <span className="condensed text-ink-soft">
                            {PHASE_NAMES[s.phase].toLowerCase()}
                          </span>
                        )}
                        <span className="block text-xs text-ink-soft">{drill.cues[0]}</span>
                        {offers.length > 0 && (
                          <span className="block text-xs font-medium">{offers.join(" ")}</span>
                        )}
                      </td>
                      <td className={`${CELL} condensed max-w-56 font-semibold`}>
                        {formatDose(s.dose)}
                        {s.turns > 1 && ", two turns"}
                      </td>
                      <td className={`${CELL} text-xs`}>{kitOf(drill)}</td>
                      <td className={`${CELL} text-xs`}>
                        {s.substitutes
                          .map((o) => `${firstName(o.member)}: ${o.drill ? drillName(o.drill) : "rests"}`)
                          .join("; ")}
                      </td>
                      <td className={`${CELL} border-l border-l-line`} />
                    </tr>
                  </Fragment>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
      <div className="relative overflow-x-auto print:overflow-visible">
        <table className="mt-5 w-full min-w-[44rem] border-collapse">
          <caption className="pb-1 text-left text-base font-bold">
            {together ? "Individual drills" : "Drills"}
          </caption>
          <thead>
            <tr>
              <th className={`${HEAD} w-48`}>Athlete</th>
              <th className={HEAD}>Drills</th>
              <th className={`${HEAD} w-20`}>Ready at</th>
              <th className={`${HEAD} w-1/4`}>Notes</th>
            </tr>
          </thead>
          <tbody>
            {plan.members.map((m) => {
              const own = m.steps.filter((s) => (!together || s.kind === "personal") && s.placed.round === 1);
              return (
                <tr key={m.id} className="break-inside-avoid">
                  <td className={`${CELL} font-semibold`}>{m.name}</td>
                  <td className={CELL}>{own.map((s) => `${s.name} ${formatDose(s.dose)}`).join(", ")}</td>
                  <td className={`${CELL} condensed`}>{formatClock(m.seconds)}</td>
                  <td className={`${CELL} border-l border-l-line`} />
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <div className="print:break-before-page">
        <RampTable sessionId={session.id} plan={plan} gym={gym} onPaper />
      </div>
      {plan.members.length > 1 && <RackOrders shared={racks} gym={gym} setup={session.racks} />}
    </div>
  );
}
