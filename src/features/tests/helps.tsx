"use client";

import { testById } from "@/catalog/tests";
import { DEMANDS, type DemandId } from "@/core/demands";
import type { NamedResponse } from "@/server/trials/open-tests";
import { later } from "@/ui/later";
import { responseInWords } from "./test-words";

const HelpsChart = later(() => import("./helps-chart").then((m) => m.HelpsChart));

/** Drills that are shown of each demand. */
const MOST_SHOWN = 10;

/** What has been found to help an athlete, by what it helps, the best first. */
export function Helps({ responses }: { responses: readonly NamedResponse[] }) {
  const tried = responses.filter((r) => r.trials > 0);
  const demands = [...new Set(tried.map((r) => r.demand))].sort(
    (a, b) => tried.filter((r) => r.demand === b).length - tried.filter((r) => r.demand === a).length,
  );
  return (
    <section aria-label="What helps">
      <h2 className="section-title">What helps</h2>
      {demands.length === 0 && (
        <p className="mt-1 max-w-prose text-ink-soft">
          Nothing has been tried yet. After two trials of a drill the plan knows whether it helps.
        </p>
      )}
      {demands.map((demand) => (
        <HelpsFor key={demand} demand={demand} responses={tried.filter((r) => r.demand === demand)} />
      ))}
    </section>
  );
}

function HelpsFor({ demand, responses }: { demand: DemandId; responses: readonly NamedResponse[] }) {
  const shown = responses.toSorted((a, b) => b.effect.mean - a.effect.mean).slice(0, MOST_SHOWN);
  const test = testById(shown[0]!.test);
  if (!test) return null;
  return (
    <div className="mt-3 border-t border-line pt-2">
      <h3 className="text-base font-bold tracking-tight">{DEMANDS[demand].name}</h3>
      <HelpsChart test={test} responses={shown} />
      <details className="mt-1">
        <summary className="inline-flex min-h-6 cursor-pointer items-center text-ink-soft underline underline-offset-4 hover:text-ink">
          As a list
        </summary>
        <ul className="mt-1">
          {shown.map((r) => (
            <li key={r.drill} className="flex min-h-7 flex-wrap items-center gap-x-3 border-t border-line">
              <span className="font-semibold">{r.name}</span>
              <span className="text-ink-soft">{responseInWords(r, test)}</span>
            </li>
          ))}
        </ul>
      </details>
    </div>
  );
}
