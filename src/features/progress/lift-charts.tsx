"use client";

import { useState } from "react";
import { formatWeight, type Weight } from "@/core/units";
import type { AthleteProgress, LiftProgress } from "@/server/progress/open-progress";
import { LabelledChoice } from "@/ui/choice";
import { later } from "@/ui/later";
import { ChartFrame } from "./chart-frame";
import type { DayPoint, Series } from "./time-chart";

const TimeChart = later(() => import("./time-chart").then((m) => m.TimeChart));

const SERIES: readonly Series[] = [
  { key: "weight", name: "working weight", look: "solid" },
  { key: "maximum", name: "maximum", look: "dashed" },
];

/** To the nearest half, as weights are said. Fine units. */
const said = (n: number) => formatWeight((Math.round(n / 500) * 500) as Weight);

/** Working weights and maxima of a lift, day by day. */
export function LiftCharts({ progress: { lifts } }: { progress: AthleteProgress }) {
  const [chosen, setChosen] = useState<string | null>(null);
  const lift = lifts.find((l) => l.lift === chosen) ?? lifts[0];
  return (
    <section aria-label="Lifts">
      <h2 className="section-title mb-1">Lifts</h2>
      {lift ? (
        <>
          <LabelledChoice
            label="Lift"
            value={lift.lift}
            groups={[{ options: lifts.map((l) => ({ value: l.lift, label: l.name })) }]}
            onChange={setChosen}
          />
          <LiftChart lift={lift} />
        </>
      ) : (
        <p className="text-ink-soft">No working weight is on record for this time.</p>
      )}
    </section>
  );
}

function LiftChart({ lift }: { lift: LiftProgress }) {
  const days = [...new Set([...lift.weights, ...lift.maxima].map((p) => p.day))].sort();
  const points: DayPoint[] = days.map((day) => ({
    day,
    weight: lift.weights.find((w) => w.day === day)?.weight ?? null,
    maximum: lift.maxima.find((m) => m.day === day)?.maximum ?? null,
  }));
  const cell = (n: number | string | null | undefined) => (typeof n === "number" ? said(n) : "");
  return (
    <ChartFrame
      title={`${lift.name}, ${lift.unit}`}
      said={`${lift.name}: working weights and maxima on ${days.length} days; see the table.`}
      caption={`${lift.unit}. Line: heaviest working set of the day. Dashed: maximum, tested or estimated from the sets.`}
      file={lift.lift}
      table={{
        columns: ["Day", `Working weight, ${lift.unit}`, `Maximum, ${lift.unit}`],
        rows: points.map((p) => [p.day, cell(p.weight), cell(p.maximum)]),
      }}
    >
      <TimeChart points={points} series={SERIES} say={said} />
    </ChartFrame>
  );
}
