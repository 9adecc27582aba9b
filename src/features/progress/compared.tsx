"use client";

import { useState } from "react";
import { testById } from "@/catalog/tests";
import { testNumber } from "@/core/response";
import { counted, formatWeight, type UnitSystem, type Weight } from "@/core/units";
import type { Compared } from "@/server/progress/compared";
import { Choice } from "@/ui/choice";
import { later } from "@/ui/later";
import { ChartFrame } from "./chart-frame";

const PairsChart = later(() => import("./pairs-chart").then((m) => m.PairsChart));

const WORDS = ["first", "latest"] as const;

/** Where the people of a group began and where they are, at a lift or a test that is chosen. */
function ComparedChart({
  title,
  none,
  all,
  unit,
  say,
  caption,
}: {
  title: string;
  none: string;
  all: readonly Compared[];
  /** As the columns of the table are headed. */
  unit: (id: string) => string;
  say: (id: string, n: number) => string;
  caption: (id: string) => string;
}) {
  const [chosen, setChosen] = useState<string | null>(null);
  const shown = all.find((c) => c.id === chosen) ?? all[0];
  return (
    <section aria-label={title}>
      <h2 className="section-title mb-2">{title}</h2>
      {!shown ? (
        <p className="text-ink-soft">{none}</p>
      ) : (
        <>
          <Choice
            label={`${title} to compare`}
            value={shown.id}
            onChange={setChosen}
            groups={[
              {
                options: all.map((c) => ({
                  value: c.id,
                  label: c.name,
                  note: counted(c.rows.length, "athlete"),
                })),
              },
            ]}
            triggerClassName="min-h-8 text-base font-bold"
          />
          <ChartFrame
            title={`${title}: ${shown.name}`}
            said={`${shown.name}: first and latest of ${counted(shown.rows.length, "athlete")}; see the table.`}
            caption={caption(shown.id)}
            file={shown.id}
            table={{
              columns: ["Athlete", "First", unit(shown.id), "Latest", unit(shown.id)],
              rows: shown.rows.map(({ name, first, latest }) => [
                ...[name, first.day, say(shown.id, first.value)],
                ...[latest.day, say(shown.id, latest.value)],
              ]),
            }}
          >
            <PairsChart
              words={WORDS}
              say={(n) => say(shown.id, n)}
              rows={shown.rows.map(({ name, first, latest }) => ({
                name: name.split(" ")[0]!,
                before: first.value,
                after: latest.value,
              }))}
            />
          </ChartFrame>
        </>
      )}
    </section>
  );
}

/** Maxima of a group by lift. */
export function ComparedLifts({ lifts, unit }: { lifts: readonly Compared[]; unit: UnitSystem }) {
  return (
    <ComparedChart
      title="Lifts"
      none="No weight has been noted in this time."
      all={lifts}
      unit={() => unit}
      say={(_, n) => formatWeight(Math.round(n) as Weight)}
      caption={() =>
        `Estimated or tested maximum in ${unit}: outlined the first of this time, filled the latest.`
      }
    />
  );
}

/** Outcomes of tests of a group. */
export function ComparedTests({ tests }: { tests: readonly Compared[] }) {
  const say = (id: string, n: number) => testNumber(testById(id)!, n);
  return (
    <ComparedChart
      title="Tests"
      none="No test has been noted in this time."
      all={tests}
      unit={(id) => testById(id)!.unit}
      say={say}
      caption={(id) =>
        `Before warm-ups, the worse side of two: outlined the first of this time, filled the latest. ${testById(id)!.better === "more" ? "More" : "Less"} is better; one measurement is off by ${say(id, testById(id)!.measurementError)}.`
      }
    />
  );
}
