"use client";

import { Trash2 } from "lucide-react";
import { TEST_LIMITS, type TestPlace, type TestStep } from "@/core/drills";
import type { PlanTest } from "@/core/plan";
import { DrillInstructions } from "@/features/shared/drill-instructions";
import { isEqual } from "@/lib/equality";
import { ok } from "@/lib/result";
import { Button } from "@/ui/button";
import { SecondsStepper } from "@/ui/seconds-stepper";
import { TextField } from "@/ui/text-field";
import { Toggle } from "@/ui/toggle";
import type { PanelProps } from "./panel-props";

/** A test: how long it takes, what the coach looks for, and where it stands. */
export function TestPanel({
  test,
  plan,
  draft,
  onEdit,
}: Pick<PanelProps, "plan" | "draft" | "onEdit"> & { test: PlanTest }) {
  const step = draft.tests[test.test];
  if (!step) return null;
  const change = (to: Partial<TestStep>) =>
    onEdit({ kind: "tests", tests: draft.tests.with(test.test, { ...step, ...to }) });
  const drills = plan.steps.filter((s) => s.round === s.rounds);
  const places: { place: TestPlace; name: string }[] = [
    { place: { kind: "first" }, name: "First of all" },
    ...drills.map(({ drill }) => ({
      place: { kind: "after" as const, drill: drill.id },
      name: `After ${drill.name}`,
    })),
    { place: { kind: "last" }, name: "Last of all" },
  ];
  return (
    <div className="space-y-4">
      <header>
        <h2 className="text-lg leading-tight font-bold tracking-tight">{test.drill.name}</h2>
        <p className="condensed text-ink-faint">A test between drills</p>
      </header>
      <SecondsStepper
        label="Time"
        value={step.seconds}
        range={TEST_LIMITS.seconds}
        onChange={(seconds) => change({ seconds })}
      />
      <TextField
        label="What to look for"
        value={step.looksFor}
        lines={2}
        format={(text) => text}
        parse={(text) => ok(text.trim().slice(0, TEST_LIMITS.looksFor))}
        onChange={(looksFor) => change({ looksFor })}
      />
      <section>
        <h3 className="section-title mb-1">Where it stands</h3>
        <ul>
          {places.map(({ place, name }) => {
            const isOn = step.at.some((p) => isEqual(p, place));
            return (
              <li key={name} className="flex min-h-9 items-center border-t border-line">
                <Toggle
                  label={name}
                  isOn={isOn}
                  // A test that stands nowhere would be none: it is dropped by its button.
                  isFixed={isOn && step.at.length === 1}
                  onChange={(on) =>
                    change({ at: on ? [...step.at, place] : step.at.filter((p) => !isEqual(p, place)) })
                  }
                />
              </li>
            );
          })}
        </ul>
      </section>
      <Button onClick={() => onEdit({ kind: "tests", tests: draft.tests.toSpliced(test.test, 1) })}>
        <Trash2 aria-hidden className="size-4" />
        Drop the test
      </Button>
      <DrillInstructions drill={test.drill} />
    </div>
  );
}
