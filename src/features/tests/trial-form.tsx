"use client";

import { useMemo, useState } from "react";
import { testById, tests } from "@/catalog/tests";
import { useCatalog } from "@/client/catalog";
import { rulesOut } from "@/core/athlete";
import { type Drill, drillById } from "@/core/catalog";
import { DEMANDS } from "@/core/demands";
import { doseSeconds } from "@/core/dose";
import {
  type AthleteTest,
  changeVerdict,
  improvementOf,
  isPoor,
  nextToTry,
  type TestValue,
  type ToTry,
} from "@/core/response";
import { DrillInstructions } from "@/features/shared/drill-instructions";
import type { OpenTests } from "@/server/trials/open-tests";
import { Button } from "@/ui/button";
import { LabelledChoice } from "@/ui/choice";
import { PickSheet } from "@/ui/pick-sheet-later";
import { SecondsStepper } from "@/ui/seconds-stepper";
import { changeInWords, responseInWords } from "./test-words";
import type { NewTrial } from "./use-notes";
import { ValueFields } from "./value-fields";

/** Guesses that are offered at once. */
const OFFERED = 5;
const SECONDS = [5, 1800] as const;

/** What a drill takes at its usual dose. Seconds. */
const usualSeconds = ({ dose }: Drill) => doseSeconds(dose, { sets: dose.sets[0], amount: dose.amount[1] });

const lastOf = ({ results }: OpenTests, test: AthleteTest) => results.findLast((r) => r.test === test.id);

const standing = (opened: OpenTests, test: AthleteTest): TestValue =>
  lastOf(opened, test)?.value ?? Array.from({ length: test.sides }, () => test.goodFrom);

/** What can be said for a guess. */
function guessInWords({ response, demand }: ToTry, test: AthleteTest): string {
  if (response) return responseInWords(response, testById(response.test) ?? test);
  return demand === test.demand ? "Not tried yet" : "Not tried yet, for what may be behind it";
}

/** A trial: the test, one drill, the test again, and what came of it. */
export function TrialForm({
  opened,
  onNote,
}: {
  opened: OpenTests;
  onNote: (trial: NewTrial, name: string) => Promise<boolean>;
}) {
  const first = tests.find((t) => opened.limiters.includes(t.demand)) ?? tests[0]!;
  const [testId, setTestId] = useState(first.id);
  const test = testById(testId)!;
  return (
    <section aria-label="Trial">
      <h2 className="section-title">Trial</h2>
      <p className="mb-2 text-2xs text-ink-soft">Test, do one drill, test again.</p>
      <LabelledChoice
        label="Test"
        value={testId}
        groups={[{ options: tests.map((t) => ({ value: t.id, label: t.name })) }]}
        onChange={setTestId}
      />
      {/* What has just been measured is where the next trial begins. */}
      <Steps key={`${test.id} ${lastOf(opened, test)?.id}`} {...{ opened, test, onNote }} />
    </section>
  );
}

function Steps({
  opened,
  test,
  onNote,
}: {
  opened: OpenTests;
  test: AthleteTest;
  onNote: (trial: NewTrial, name: string) => Promise<boolean>;
}) {
  const catalog = useCatalog();
  const signs = lastOf(opened, test)?.signs;
  const guesses = useMemo(() => {
    const may = catalog.drills.filter((d) => !d.retired && !rulesOut(opened.profile, d));
    return nextToTry(test, may, opened.responses, signs);
  }, [catalog, opened, test, signs]);
  const [before, setBefore] = useState(() => standing(opened, test));
  const [after, setAfter] = useState(before);
  /** Null: nothing is done in between. */
  const [drillId, setDrillId] = useState<string | null>(guesses[0]?.drill.id ?? null);
  const drill = drillId === null ? null : (drillById(catalog, drillId) ?? null);
  const [seconds, setSeconds] = useState(() => (drill ? usualSeconds(drill) : 0));
  const choose = (id: string | null) => {
    setDrillId(id);
    const chosen = id === null ? null : drillById(catalog, id);
    setSeconds(chosen ? usualSeconds(chosen) : 0);
  };
  const change = improvementOf(test, before, after);
  const offered = guesses.slice(0, OFFERED);
  if (drill && !offered.some((g) => g.drill.id === drill.id)) {
    const known = guesses.find((g) => g.drill.id === drill.id);
    offered.push(known ?? { drill, demand: test.demand, response: null, gain: 0 });
  }
  const save = async () => {
    const name = `${test.name}, ${drill?.name ?? "no drill"}`;
    const done = await onNote(
      { test: test.id, drill: drill?.id ?? null, seconds, day: opened.today, before, after },
      name,
    );
    if (!done) return;
    // The next drill starts where this one has led to.
    setBefore(after);
    const tried = drill?.id;
    choose(guesses.find((g) => g.drill.id !== tried)?.drill.id ?? null);
  };
  return (
    <ol className="mt-3 space-y-4">
      <li className="border-l-2 border-line-strong pl-4">
        <h3 className="font-bold">1 Test</h3>
        <p className="mb-1 max-w-prose text-2xs text-ink-soft">{test.how}</p>
        <ValueFields
          label="Before"
          test={test}
          value={before}
          onChange={(to) => {
            setBefore(to);
            setAfter(to);
          }}
        />
      </li>
      <li className="border-l-2 border-line-strong pl-4">
        <h3 className="font-bold">2 One drill</h3>
        <DrillChoice {...{ test, offered, guesses }} value={drillId} onChange={choose} />
        {drill && (
          <div className="mt-2">
            <SecondsStepper label="Time it takes" value={seconds} range={SECONDS} onChange={setSeconds} />
            <details className="mt-1">
              <summary className="inline-flex min-h-6 cursor-pointer items-center text-ink-soft underline underline-offset-4 hover:text-ink">
                How it is done
              </summary>
              <DrillInstructions drill={drill} />
            </details>
          </div>
        )}
      </li>
      <li className="border-l-2 border-line-strong pl-4">
        <h3 className="mb-1 font-bold">3 Test again</h3>
        <ValueFields label="After" test={test} value={after} onChange={setAfter} />
        <p aria-live="polite" className="mt-2 text-sm">
          <span className={`font-semibold ${changeVerdict(test, change) === "clear" ? "text-ember" : ""}`}>
            {changeInWords(test, change)}
          </span>
          {test.sides === 2 && <span className="text-ink-soft"> on the side that was worse</span>}
          {isPoor(test, after) && (
            <span className="text-ink-soft">. Still short of good: try the next drill after saving.</span>
          )}
        </p>
        <Button look="main" className="mt-2" onClick={() => void save()}>
          Save the trial
        </Button>
      </li>
    </ol>
  );
}

/** The drill of a trial: one of the best guesses, another one, or none. */
function DrillChoice({
  test,
  offered,
  guesses,
  value,
  onChange,
}: {
  test: AthleteTest;
  offered: readonly ToTry[];
  guesses: readonly ToTry[];
  value: string | null;
  onChange: (drill: string | null) => void;
}) {
  const [isPicking, setPicking] = useState(false);
  const row = (id: string | null, name: string, note: string) => (
    <label
      key={id ?? "none"}
      className="flex min-h-9 cursor-pointer items-center gap-3 border-t border-line pointer-coarse:min-h-11 has-checked:bg-field"
    >
      <input
        type="radio"
        name={`drill for ${test.id}`}
        checked={value === id}
        onChange={() => onChange(id)}
        className="size-4 accent-(--ink)"
      />
      <span className="min-w-0 flex-1">
        <span className="block leading-tight font-semibold">{name}</span>
        <span className="block text-2xs text-ink-soft">{note}</span>
      </span>
    </label>
  );
  return (
    <fieldset>
      <legend className="sr-only">Drill</legend>
      {offered.map((g) => row(g.drill.id, g.drill.name, guessInWords(g, test)))}
      {row(null, "No drill", "Shows what measuring alone changes")}
      <Button look="bare" className="-ml-3" onClick={() => setPicking(true)}>
        Another drill
      </Button>
      <PickSheet
        title="Drill to try"
        placeholder="Type a name"
        nothing="No such drill for this test."
        items={guesses.map((g) => ({
          ...{ id: g.drill.id, label: g.drill.name, note: guessInWords(g, test) },
          heading: DEMANDS[g.demand].name,
        }))}
        open={isPicking}
        onOpenChange={setPicking}
        onPick={(id) => {
          onChange(id);
          setPicking(false);
        }}
      />
    </fieldset>
  );
}
