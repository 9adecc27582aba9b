"use client";

import { useDeferredValue, useMemo } from "react";
import { useCatalog } from "@/client/catalog";
import type { Approach, Catalog } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import { planWarmUp } from "@/core/plan";
import { formatSeconds } from "@/core/units";

/** The lifts that show what an approach does. */
const SAMPLES = ["back-squat", "bench-press", "deadlift"];

function sampleOf(approach: Approach, lift: Catalog["lifts"][number], catalog: Catalog) {
  return planWarmUp({
    ...{ unit: "kg", lifts: [{ lift, kit: null, working: null }], minutes: approach.typicalMinutes.to },
    ...{ athlete: { experience: "intermediate", limiters: [], areas: [] }, approach, room: "normal" },
    ...{ equipment: null, own: [], dropped: [], drills: catalog.drills },
  });
}

/** What an approach makes of its usual minutes for some lifts, worked out anew as it is changed. */
export function ApproachSample({ approach }: { approach: Approach }) {
  const catalog = useCatalog();
  const settled = useDeferredValue(approach);
  const samples = useMemo(
    () =>
      SAMPLES.flatMap((id) => catalog.lifts.find((l) => l.id === id) ?? []).map((lift) => {
        const { steps, seconds } = sampleOf(settled, lift, catalog);
        const once = steps.filter((s) => s.round === 1);
        return { lift, seconds, steps: once, rounds: Math.max(1, ...steps.map((s) => s.rounds)) };
      }),
    [settled, catalog],
  );
  return (
    <section aria-busy={settled !== approach}>
      <h3 className="section-title mb-1">For example</h3>
      <p className="text-ink-soft">
        {settled.typicalMinutes.to} minutes before the ramp, an intermediate athlete, everything there.
      </p>
      <div className="mt-3 grid gap-x-8 gap-y-5 md:grid-cols-3">
        {samples.map(({ lift, steps, rounds, seconds }) => (
          <div key={lift.id}>
            <h4 className="border-b border-line pb-1 font-semibold">
              {lift.name}
              <span className="block text-sm font-normal text-ink-soft">
                {formatSeconds(seconds)}
                {rounds > 1 && `, ${rounds} rounds`}
              </span>
            </h4>
            <ol className="mt-1 text-sm">
              {steps.map((s) => (
                <li key={s.drill.id} className="py-1">
                  {s.drill.name}
                  <span className="condensed block text-ink-soft">{formatDose(s.dose)}</span>
                </li>
              ))}
            </ol>
          </div>
        ))}
      </div>
    </section>
  );
}
