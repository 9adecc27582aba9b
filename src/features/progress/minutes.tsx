"use client";

import type { Progress } from "@/server/progress/open-progress";
import { shortDay } from "@/ui/day-in-words";
import { later } from "@/ui/later";
import { ChartFrame } from "./chart-frame";

const PairsChart = later(() => import("./pairs-chart").then((m) => m.PairsChart));

const WORDS = ["planned", "took"] as const;
const inMinutes = (n: number) => `${Math.round(n * 10) / 10} min`;

const minutes = (seconds: number) => Math.round(seconds / 6) / 10;

/** The middle of some numbers; 0 of none. */
function median(numbers: readonly number[]): number {
  const sorted = numbers.toSorted((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

/** Planned minutes against real ones, by session and by phase. */
export function Minutes({ progress: { sessions, phases } }: { progress: Progress }) {
  const off = median(sessions.map((s) => s.real - s.planned));
  const way = off >= 0 ? "longer" : "shorter";
  return (
    <section aria-label="Minutes">
      <h2 className="section-title">Minutes planned and real</h2>
      {sessions.length === 0 ? (
        <p className="mt-1 text-ink-soft">No session has been timed on the floor yet.</p>
      ) : (
        <>
          <p className="mb-2 text-sm">
            Ready to lift, at the median {minutes(Math.abs(off))} min {way} than planned.
          </p>
          <ChartFrame
            title="Minutes by session"
            said={`Planned and real minutes of ${sessions.length} sessions; see the table.`}
            caption="To the first working set, session by session: outlined as planned, filled as it was."
            file="minutes-by-session"
            table={{
              columns: ["Day", "Session", "Planned, min", "Real, min"],
              rows: sessions.map((s) => [s.day, s.name, minutes(s.planned), minutes(s.real)]),
            }}
          >
            <PairsChart
              words={WORDS}
              say={inMinutes}
              rows={sessions.map((s) => ({
                name: shortDay(s.day),
                before: minutes(s.planned),
                after: minutes(s.real),
              }))}
            />
          </ChartFrame>
          <ChartFrame
            title="Minutes by phase"
            said="Planned and real minutes by phase; see the table."
            caption="A session by phase, changes with the drills and waiting for the bar with the ramp, on average: outlined as planned, filled as it was."
            file="minutes-by-phase"
            table={{
              columns: ["Phase", "Planned, min", "Real, min"],
              rows: phases.map((p) => [p.phase, minutes(p.planned), minutes(p.real)]),
            }}
          >
            <PairsChart
              words={WORDS}
              say={inMinutes}
              rows={phases.map((p) => ({
                name: p.phase,
                before: minutes(p.planned),
                after: minutes(p.real),
              }))}
            />
          </ChartFrame>
        </>
      )}
    </section>
  );
}
