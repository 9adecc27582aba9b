"use client";

import { useFloor } from "@/client/use-floor";
import { AREAS } from "@/core/catalog";
import { type FloorAthlete, runningSeconds, sessionSummary } from "@/core/floor";
import { formatClock } from "@/core/units";
import { Link } from "@/ui/link";

/** What was done in a session that has ended, what was left out, and what to look at tomorrow. */
export function FloorEnd() {
  const { plan, state } = useFloor();
  const { finished } = state;
  const rows = sessionSummary(plan, state);
  const took = finished ? runningSeconds(state, finished.at) : 0;
  const tomorrow = plan.athletes.filter((a) => {
    const person = state.people[a.id]!;
    return person.pains.length > 0 || Object.values(person.lifts).some((l) => l.stopped);
  });
  return (
    <section aria-label="Finished" className="mx-auto w-full max-w-4xl">
      <h1 className="text-4xl font-extrabold tracking-tight">
        {finished?.complete ? "Finished" : "Ended by itself: nobody touched it for three hours"}
      </h1>
      <p className="mt-1 text-lg text-ink-soft">
        {formatClock(took)} from start to end; planned {formatClock(plan.readySeconds)} to the first working
        set.
      </p>
      <div className="mt-6 overflow-x-auto">
        <table className="w-full border-collapse text-base">
          <thead>
            <tr className="border-b-2 border-ink text-left">
              <th className="py-2 pr-3 font-semibold">Athlete</th>
              <th className="px-3 py-2 text-right font-semibold">Drills</th>
              <th className="px-3 py-2 text-right font-semibold">Ramp</th>
              <th className="px-3 py-2 text-right font-semibold">Working sets</th>
              <th className="px-3 py-2 text-right font-semibold">Ready</th>
              <th className="py-2 pl-3 font-semibold">Left out</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((r) => (
              <tr key={r.id} className="border-b border-line align-top">
                <th scope="row" className="py-2 pr-3 text-left font-semibold">
                  {r.name}
                  {r.presence !== "there" && (
                    <span className="ml-2 font-normal text-ink-soft">
                      {r.presence === "left" ? "left" : "absent"}
                    </span>
                  )}
                </th>
                <Share of={r.drills} />
                <Share of={r.ramp} />
                <Share of={r.work} />
                <td className="px-3 py-2 text-right">
                  {r.readySeconds === null ? "" : formatClock(r.readySeconds)}
                </td>
                <td className="py-2 pl-3 text-ink-soft">
                  {r.presence === "absent" ? "" : r.leftOut.join(", ")}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {tomorrow.length > 0 && (
        <>
          <h2 className="mt-8 text-xl font-bold">Tomorrow morning</h2>
          <ul className="mt-1 space-y-1 text-base">
            {tomorrow.map((a) => (
              <Tomorrow key={a.id} athlete={a} />
            ))}
          </ul>
        </>
      )}
      <p className="mt-8">
        <Link
          href={`/session/${plan.sessionId}/record`}
          className="inline-flex min-h-12 items-center text-base font-semibold underline underline-offset-4"
        >
          All of what was done
        </Link>
      </p>
    </section>
  );
}

/** How much was done of what was planned; nothing where nothing was. */
function Share({ of: { done, planned } }: { of: { done: number; planned: number } }) {
  return <td className="px-3 py-2 text-right whitespace-nowrap">{planned > 0 && `${done} of ${planned}`}</td>;
}

function Tomorrow({ athlete }: { athlete: FloorAthlete }) {
  const { state } = useFloor();
  const { pains, lifts } = state.people[athlete.id]!;
  const stopped = Object.entries(lifts).flatMap(([at, l]) =>
    l.stopped ? [athlete.lifts[Number(at)]!.name] : [],
  );
  return (
    <li>
      <span className="font-semibold">{athlete.name}:</span>{" "}
      {[
        ...pains.map((p) => `${AREAS[p.area].toLowerCase()} ${p.level} of 10, ${p.quality}`),
        ...stopped.map((name) => `${name.toLowerCase()} stopped`),
      ].join("; ")}
    </li>
  );
}
