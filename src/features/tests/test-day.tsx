"use client";

import { Check } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { testById, tests } from "@/catalog/tests";
import { valueInWords } from "@/core/response";
import { counted } from "@/core/units";
import { SiteHeader } from "@/features/shared/site-header";
import type { TestDay, Tested } from "@/server/trials/open-test-day";
import { Button } from "@/ui/button";
import { LabelledChoice } from "@/ui/choice";
import { Toggle } from "@/ui/toggle";
import { Measure } from "./test-list";
import { useNotes } from "./use-notes";

/** A day of tests: which tests, then person by person, each outcome in two taps. */
export function TestDayPage({ opened }: { opened: TestDay }) {
  const router = useRouter();
  const { group, groups, people, today } = opened;
  const [chosen, setChosen] = useState<readonly string[]>(() => usualTests(people));
  const [at, setAt] = useState(0);
  const isDone = (of: Tested) => chosen.length > 0 && chosen.every((t) => of.last[t]?.day === today);
  const done = people.filter(isDone).length;
  const now = people[at];
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/athletes" />
      <main id="content" className="mx-auto max-w-[80rem] px-4 pt-7 pb-16 sm:px-7">
        <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">Day of tests</h1>
        <p role="status" className="text-sm text-ink-soft">
          {group.name}: {done} of {counted(people.length, "athlete")} done today
        </p>
        <div className="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,2fr)_minmax(0,5fr)]">
          <div className="space-y-8">
            <LabelledChoice
              label="Group"
              value={group.id}
              groups={[{ options: groups.map((g) => ({ value: g.id, label: g.name })) }]}
              onChange={(to) => router.push(`/tests?group=${to}`)}
            />
            <fieldset>
              <legend className="section-title mb-1">Tests</legend>
              {tests.map((t) => (
                <div key={t.id} className="flex min-h-9 items-center border-t border-line">
                  <Toggle
                    label={t.name}
                    isOn={chosen.includes(t.id)}
                    onChange={(on) =>
                      setChosen(
                        tests.filter((o) => (o.id === t.id ? on : chosen.includes(o.id))).map((o) => o.id),
                      )
                    }
                  />
                </div>
              ))}
            </fieldset>
            <section aria-label="People">
              <h2 className="section-title mb-1">People</h2>
              <ul>
                {people.map((of, i) => (
                  <li key={of.id} className="border-t border-line">
                    <button
                      type="button"
                      aria-current={i === at ? "true" : undefined}
                      onClick={() => setAt(i)}
                      className="flex min-h-9 w-full items-center justify-between gap-3 px-1 text-left font-semibold hover:bg-chalk-deep aria-[current]:bg-field pointer-coarse:min-h-12"
                    >
                      {of.name}
                      {isDone(of) && <Check aria-label="done" className="size-4 text-ember" />}
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          </div>
          {now ? (
            <Person
              key={now.id}
              of={now}
              {...{ chosen, today }}
              next={people[at + 1]?.name ?? null}
              onNext={() => setAt(at + 1)}
            />
          ) : (
            <p className="text-ink-soft">Nobody is in this group.</p>
          )}
        </div>
      </main>
    </div>
  );
}

/** What measures the limiters of most, or the first test. */
function usualTests(people: readonly Tested[]): string[] {
  const has = (demand: string) => people.filter((p) => p.limiters.some((l) => l === demand)).length;
  const found = tests.filter((t) => has(t.demand) >= 2).map((t) => t.id);
  return found.length > 0 ? found : [tests[0]!.id];
}

/** One person's tests of the day. */
function Person({
  of,
  chosen,
  today,
  next,
  onNext,
}: {
  of: Tested;
  chosen: readonly string[];
  today: string;
  /** The name of who comes next; null: nobody. */
  next: string | null;
  onNext: () => void;
}) {
  const { noteResult } = useNotes(of.id);
  return (
    <section aria-label={of.name}>
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-2xl font-extrabold tracking-tight">{of.name}</h2>
        {next && <Button onClick={onNext}>Next: {next}</Button>}
      </div>
      {chosen.length === 0 && <p className="mt-2 text-ink-soft">Choose a test.</p>}
      <ul className="mt-3">
        {chosen.map((id) => {
          const test = testById(id)!;
          const last = of.last[id];
          const isToday = last?.day === today;
          return (
            <li key={id} className="border-t border-line py-3">
              <h3 className="text-base font-bold tracking-tight">{test.name}</h3>
              <p className={isToday ? "font-semibold" : "text-ink-soft"}>
                {last
                  ? `${isToday ? "Today" : "Last"}: ${valueInWords(test, last.value)}`
                  : "Not tested yet."}
              </p>
              <Measure
                key={isToday ? "done" : "open"}
                test={test}
                last={last?.value ?? null}
                today={today}
                onNote={(result) => noteResult(result, `${of.name}, ${test.name}`)}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
}
