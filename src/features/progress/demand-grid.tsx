"use client";

import { DEMANDS } from "@/core/demands";
import type { Progress } from "@/server/progress/open-progress";

const minutes = (seconds: number) => (seconds < 30 && seconds > 0 ? "<1" : String(Math.round(seconds / 60)));

/** Demands by how long they were looked after, in the last two and the last eight weeks; what is forgotten stands out. */
export function DemandGrid({ progress: { demands, limiters, people } }: { progress: Progress }) {
  const most = Math.max(1, ...demands.map((d) => d.all));
  return (
    <section aria-label="Demands">
      <h2 className="section-title">What was looked after</h2>
      <p className="mb-2 text-2xs text-ink-soft">
        Minutes of drills that serve it{people > 1 ? ", each person on average" : ""}. Limiters are marked.
      </p>
      {demands.length === 0 ? (
        <p className="text-ink-soft">Nothing has been written down in the last eight weeks.</p>
      ) : (
        <table className="w-full border-collapse">
          <caption className="sr-only">Minutes for each demand</caption>
          <thead>
            <tr className="border-b border-ink text-left">
              <th scope="col" className="py-1 font-semibold">
                Demand
              </th>
              <th scope="col" className="py-1 pl-3 text-right font-semibold">
                14 days
              </th>
              <th scope="col" className="py-1 pl-3 text-right font-semibold">
                56 days
              </th>
              <th aria-hidden className="w-2/5" />
            </tr>
          </thead>
          <tbody>
            {demands.map(({ demand, recent, all }) => {
              const isLimiter = limiters.includes(demand);
              const isForgotten = isLimiter && recent === 0;
              return (
                <tr key={demand} className="border-b border-line">
                  <th scope="row" className={`py-1 text-left ${isLimiter ? "font-bold" : "font-normal"}`}>
                    {DEMANDS[demand].name}
                    {isForgotten && <span className="ml-2 text-ember">forgotten</span>}
                  </th>
                  <td className="py-1 pl-3 text-right">{minutes(recent)}</td>
                  <td className="py-1 pl-3 text-right">{minutes(all)}</td>
                  <td aria-hidden className="py-1 pl-4">
                    <span className="relative block h-3">
                      <span
                        className="absolute inset-y-0 left-0 border border-ink"
                        style={{ width: `${(100 * all) / most}%` }}
                      />
                      <span
                        className="absolute inset-y-0 left-0 bg-ember"
                        style={{ width: `${(100 * recent) / most}%` }}
                      />
                    </span>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </section>
  );
}
