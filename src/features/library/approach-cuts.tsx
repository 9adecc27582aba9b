"use client";

import { useDeferredValue, useMemo, useState } from "react";
import { gymSets } from "@/catalog/gym-sets";
import { useCatalog } from "@/client/catalog";
import type { AthleteRecord } from "@/core/athlete";
import { type Approach, type Catalog, knownLift } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import { planRequestFor, startDraft } from "@/core/draft";
import { gymFromSet } from "@/core/gym";
import { outlineOf, planWarmUp, stairOf } from "@/core/plan";
import { formatSeconds, weight } from "@/core/units";
import { SmallStair } from "@/features/shared/small-stair";
import { LabelledChoice } from "@/ui/choice";

/** The times that show what an approach gives up first. Minutes with the ramp. */
const TIMES = [6, 10, 15, 20] as const;

/** Lifts that show it, with a working weight for five. Kilograms. */
const SAMPLES = { "back-squat": 100, "bench-press": 70, deadlift: 120, "overhead-press": 45 } as const;
type SampleId = keyof typeof SAMPLES;
const SAMPLE_IDS = Object.keys(SAMPLES) as SampleId[];

const GYM = gymFromSet(gymSets[0]!, { id: "sample", name: "Sample", unit: "kg" });

function sampleAthlete(lift: SampleId): AthleteRecord {
  const sets = { reps: 5, sets: 3, rir: 2, day: "2026-01-01" };
  return {
    ...{ id: "sample", name: "Sample", group: "", birthYear: null, bodyWeight: null, unit: "kg", note: "" },
    ...{ experience: "intermediate", limiters: [], areas: [], maxima: [], ownBar: null, reached: [] },
    ...{ cannotUse: [], approach: null, rampStyle: null },
    workingWeights: [{ lift, weight: weight(SAMPLES[lift]), ...sets }],
  };
}

/** What an approach makes of each of the times: its stair at the longest, and a row for each drill. */
function cutsOf(approach: Approach, lift: SampleId, catalog: Catalog) {
  const athlete = sampleAthlete(lift);
  const plans = TIMES.map((minutes) => {
    const draft = startDraft(athlete, GYM, catalog, { lifts: [lift], minutes });
    return planWarmUp({ ...planRequestFor(draft, athlete, GYM, catalog), approach });
  });
  const ids = plans.toReversed().flatMap((p) => p.steps.filter((s) => s.round === 1).map((s) => s.drill.id));
  const rows = [...new Set(ids)].map((id) => {
    const steps = plans.map((p) => p.steps.find((s) => s.drill.id === id && s.round === 1) ?? null);
    return { id, name: steps.find((s) => s !== null)!.drill.name, steps };
  });
  return { plans, rows };
}

/** An approach as a stair on a sample lift, and what it gives up as the time gets shorter. */
export function ApproachCuts({ approach }: { approach: Approach }) {
  const catalog = useCatalog();
  const [lift, setLift] = useState<SampleId>("back-squat");
  const settled = useDeferredValue(approach);
  const { plans, rows } = useMemo(() => cutsOf(settled, lift, catalog), [settled, lift, catalog]);
  const longest = plans.at(-1)!;
  const stair = stairOf(outlineOf(longest), TIMES.at(-1)!);
  const cell = "border-l border-line px-2 py-1 text-left align-top";
  return (
    <section aria-label="What it cuts" aria-busy={settled !== approach}>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h3 className="section-title">What it cuts</h3>
        <LabelledChoice
          label="Lift"
          value={lift}
          groups={[
            {
              options: SAMPLE_IDS.map((id) => ({
                value: id,
                label: knownLift(catalog, id).name,
                note: `${SAMPLES[id]} kg for 5`,
              })),
            },
          ]}
          onChange={(id) => setLift(id as SampleId)}
        />
      </div>
      <div className="mt-3">
        <SmallStair
          stair={stair}
          width={640}
          height={90}
          minutes={Math.max(TIMES.at(-1)!, Math.ceil((stair.seconds + 30) / 60))}
          label={`${approach.name}, ${TIMES.at(-1)} minutes to ${knownLift(catalog, lift).name}`}
        />
      </div>
      <div className="mt-3 overflow-x-auto">
        <table className="w-full min-w-[34rem] border-collapse text-xs">
          <thead>
            <tr className="border-b border-ink">
              <th scope="col" className="py-1 pr-2 text-left font-semibold">
                With
              </th>
              {TIMES.map((t) => (
                <th key={t} scope="col" className={`${cell} font-semibold`}>
                  {t} minutes
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, name, steps }) => (
              <tr key={id} className="border-b border-line">
                <th scope="row" className="py-1 pr-2 text-left font-semibold">
                  {name}
                </th>
                {steps.map((s, i) => (
                  <td key={TIMES[i]} className={`${cell} condensed`}>
                    {s ? formatDose(s.dose) : <span className="text-ink-faint">–</span>}
                  </td>
                ))}
              </tr>
            ))}
            <tr className="border-b border-line">
              <th scope="row" className="py-1 pr-2 text-left font-semibold">
                Ramp sets
              </th>
              {plans.map((p, i) => (
                <td key={TIMES[i]} className={`${cell} condensed`}>
                  {p.ramps[0]?.sets.length ?? 0}
                </td>
              ))}
            </tr>
            <tr>
              <th scope="row" className="py-1 pr-2 text-left font-normal text-ink-soft">
                Takes
              </th>
              {plans.map((p, i) => (
                <td key={TIMES[i]} className={`${cell} text-ink-soft`}>
                  {formatSeconds(p.seconds)}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </div>
    </section>
  );
}
