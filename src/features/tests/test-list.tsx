"use client";

import { useState } from "react";
import { tests } from "@/catalog/tests";
import { DEMANDS, type DemandId } from "@/core/demands";
import { type AthleteTest, improvementOf, isPoor, type TestValue, valueInWords } from "@/core/response";
import type { NotedResult, OpenTests } from "@/server/trials/open-tests";
import { Button } from "@/ui/button";
import { shortDay } from "@/ui/day-in-words";
import { Toggle } from "@/ui/toggle";
import { ViewSwitch } from "@/ui/view-switch";
import { asymmetryInWords, changeInWords, goodInWords } from "./test-words";
import type { NewResult } from "./use-notes";
import { ValueFields } from "./value-fields";

const MOMENTS = [
  { id: "cold", name: "Cold" },
  { id: "after", name: "After the warm-up" },
] as const;

/** The tests that there are, each with how it stands and how that is noted. */
export function TestList({
  opened,
  openTest,
  onOpen,
  onNote,
  onLimiter,
}: {
  opened: OpenTests;
  openTest: string | null;
  onOpen: (test: string | null) => void;
  /** Takes what a test points to as a limiter. */
  onLimiter: (demand: DemandId) => void;
  onNote: (result: NewResult) => Promise<boolean>;
}) {
  return (
    <section aria-label="Tests">
      <h2 className="section-title mb-1">Tests</h2>
      <ul>
        {inOrder(opened).map((test) => {
          const cold = opened.results.filter((r) => r.test === test.id && r.moment === "cold");
          const isLimiters = opened.limiters.includes(test.demand);
          return (
            <li key={test.id} className="border-t border-line py-2">
              <TestRow
                {...{ test, cold, isLimiters }}
                pointsTo={pointedTo(test, cold.at(-1)?.signs ?? [], opened.limiters)}
                onLimiter={onLimiter}
                isOpen={openTest === test.id}
                onToggle={() => onOpen(openTest === test.id ? null : test.id)}
              />
              {openTest === test.id && (
                <Measure test={test} last={cold.at(-1)?.value ?? null} today={opened.today} onNote={onNote} />
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** What measures a limiter first, then what was tested before, then the rest. */
function inOrder({ limiters, results }: OpenTests): AthleteTest[] {
  const rank = (t: AthleteTest) => {
    if (limiters.includes(t.demand) && t.unit !== "points") return 0;
    return results.some((r) => r.test === t.id) ? 1 : 2;
  };
  return tests.toSorted((a, b) => rank(a) - rank(b));
}

/** What was seen in a test, and what may be behind it that is no limiter yet. */
function pointedTo(test: AthleteTest, seen: readonly string[], limiters: readonly DemandId[]) {
  return (test.signs ?? [])
    .filter((s) => seen.includes(s.id))
    .map((s) => ({ sign: s.name, demands: s.pointsTo.filter((d) => !limiters.includes(d)) }))
    .filter((s) => s.demands.length > 0);
}

function TestRow({
  pointsTo,
  onLimiter,
  test,
  cold,
  isLimiters,
  isOpen,
  onToggle,
}: {
  test: AthleteTest;
  /** Outcomes before warm-ups, the oldest first. */
  cold: readonly NotedResult[];
  isLimiters: boolean;
  pointsTo: ReturnType<typeof pointedTo>;
  onLimiter: (demand: DemandId) => void;
  isOpen: boolean;
  onToggle: () => void;
}) {
  const [last, before] = [cold.at(-1), cold.at(-2)];
  const asymmetry = last && asymmetryInWords(test, last.value);
  const poor = last && isPoor(test, last.value);
  return (
    <div className="flex items-start gap-4">
      <div className="min-w-0 flex-1">
        <h3 className="text-sm font-bold tracking-tight">{test.name}</h3>
        <p className="condensed text-ink-faint">
          {DEMANDS[test.demand].name}
          {isLimiters && " (limiter)"}, {goodInWords(test)}
        </p>
        {last ? (
          <>
            <p className="mt-0.5 text-sm">
              <span className={`font-semibold ${poor ? "text-ember" : ""}`}>
                {valueInWords(test, last.value)}
              </span>{" "}
              <span className="text-ink-soft">on {shortDay(last.day)}</span>
            </p>
            {(before || asymmetry) && (
              <p className="text-ink-soft">
                {before &&
                  `${changeInWords(test, improvementOf(test, before.value, last.value))} since ${shortDay(before.day)}`}
                {before && asymmetry && "; "}
                {asymmetry}
              </p>
            )}
          </>
        ) : (
          <p className="mt-0.5 text-ink-soft">Not tested yet.</p>
        )}
        {pointsTo.map(({ sign, demands }) => (
          <p key={sign} className="mt-1 flex flex-wrap items-center gap-2">
            <span>{sign}. It may come from:</span>
            {demands.map((d) => (
              <Button key={d} onClick={() => onLimiter(d)} aria-label={`Add limiter: ${DEMANDS[d].name}`}>
                {DEMANDS[d].name}
              </Button>
            ))}
          </p>
        ))}
      </div>
      <Button aria-expanded={isOpen} aria-label={`Measure: ${test.name}`} onClick={onToggle}>
        {isOpen ? "Close" : "Measure"}
      </Button>
    </div>
  );
}

/** Takes down what a test came to: from the last outcome by steps, with what was seen. */
export function Measure({
  test,
  last,
  today,
  onNote,
}: {
  test: AthleteTest;
  last: TestValue | null;
  today: string;
  onNote: (result: NewResult) => Promise<boolean>;
}) {
  const usual = Array.from({ length: test.sides }, () => test.goodFrom);
  const [value, setValue] = useState<TestValue>(last ?? usual);
  const [moment, setMoment] = useState<NotedResult["moment"]>("cold");
  const [signs, setSigns] = useState<readonly string[]>([]);
  return (
    <div className="mt-2 space-y-3 border-l-2 border-ink pl-4">
      <p className="max-w-prose text-ink-soft">{test.how}</p>
      <ViewSwitch label="When" views={MOMENTS} value={moment} onChange={setMoment} />
      <ValueFields label={test.name} test={test} value={value} onChange={setValue} />
      {test.signs && (
        <fieldset className="flex flex-wrap gap-x-6 gap-y-1">
          <legend className="condensed mb-1 text-2xs text-ink-soft">Seen</legend>
          {test.signs.map((s) => (
            <Toggle
              key={s.id}
              label={s.name}
              isOn={signs.includes(s.id)}
              onChange={(on) => setSigns(on ? [...signs, s.id] : signs.filter((id) => id !== s.id))}
            />
          ))}
        </fieldset>
      )}
      <Button
        look="main"
        onClick={() => void onNote({ test: test.id, day: today, moment, value, signs, sessionId: null })}
      >
        Save
      </Button>
    </div>
  );
}
