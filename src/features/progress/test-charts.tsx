"use client";

import { testById, tests } from "@/catalog/tests";
import { type AthleteTest, SIDES, testNumber } from "@/core/response";
import { goodInWords } from "@/features/tests/test-words";
import type { AthleteProgress } from "@/server/progress/open-progress";
import type { NotedResult } from "@/server/trials/open-tests";
import { later } from "@/ui/later";
import { ChartFrame } from "./chart-frame";
import type { Series } from "./time-chart";

const TimeChart = later(() => import("./time-chart").then((m) => m.TimeChart));

/** Outcomes of each test over time, both sides, with the band of the measurement error. */
export function TestCharts({ progress: { results } }: { progress: AthleteProgress }) {
  const cold = results.filter((r) => r.moment === "cold");
  const shown = tests.filter((t) => cold.some((r) => r.test === t.id));
  return (
    <section aria-label="Tests">
      <h2 className="section-title mb-1">Tests</h2>
      {shown.length === 0 && <p className="text-ink-soft">No test has been noted in this time.</p>}
      {shown.map((t) => (
        <TestChart key={t.id} test={testById(t.id)!} results={cold.filter((r) => r.test === t.id)} />
      ))}
    </section>
  );
}

function TestChart({ test, results }: { test: AthleteTest; results: readonly NotedResult[] }) {
  const sides = test.sides === 2 ? SIDES : ["value"];
  const series = sides.map(
    (side, i): Series => ({
      ...{
        key: side,
        name: side === "value" ? test.name.toLowerCase() : side,
        look: i === 0 ? "solid" : "dashed",
      },
      band: test.measurementError,
    }),
  );
  const points = results.map(({ day, value }) => ({
    day,
    ...Object.fromEntries(sides.map((side, i) => [side, value[i] ?? null])),
  }));
  const say = (n: number) => testNumber(test, n);
  return (
    <div className="mt-3 border-t border-line pt-2">
      <h3 className="text-base font-bold tracking-tight">{test.name}</h3>
      <ChartFrame
        title={`${test.name}, ${test.unit}`}
        said={`${test.name}: ${results.length} outcomes; see the table.`}
        caption={`Before warm-ups${test.sides === 2 ? "; line: left, dashed: right" : ""}; the band is the error of one measurement. Dotted: ${goodInWords(test)}.`}
        file={test.id}
        table={{
          columns: ["Day", ...sides.map((s) => (s === "value" ? test.unit : `${s}, ${test.unit}`))],
          rows: results.map((r) => [r.day, ...r.value]),
        }}
      >
        <TimeChart points={points} series={series} say={say} goodFrom={test.goodFrom} />
      </ChartFrame>
    </div>
  );
}
