"use client";

import { Trash2 } from "lucide-react";
import type { Drill } from "@/core/catalog";
import { TEST_LIMITS, type TestPlace, type TestStep } from "@/core/drills";
import { isEqual } from "@/lib/equality";
import { ok } from "@/lib/result";
import { Button } from "@/ui/button";
import { SecondsStepper } from "@/ui/seconds-stepper";
import { TextField } from "@/ui/text-field";
import { Toggle } from "@/ui/toggle";
import { DrillInstructions } from "./drill-instructions";

/** A test: how long it takes, what the coach looks for, and where it stands. */
export function TestFields({
  drill,
  test,
  drills,
  onChange,
  onDrop,
}: {
  drill: Drill;
  test: TestStep;
  /** What it may stand after, in their order. */
  drills: readonly { id: string; name: string }[];
  onChange: (test: TestStep) => void;
  onDrop: () => void;
}) {
  const change = (to: Partial<TestStep>) => onChange({ ...test, ...to });
  const places: { place: TestPlace; name: string }[] = [
    { place: { kind: "first" }, name: "First of all" },
    ...drills.map(({ id, name }) => ({
      place: { kind: "after" as const, drill: id },
      name: `After ${name}`,
    })),
    { place: { kind: "last" }, name: "Last of all" },
  ];
  return (
    <div className="space-y-4">
      <div>
        <h2 className="text-lg leading-tight font-bold tracking-tight">{drill.name}</h2>
        <p className="condensed text-ink-faint">A test between drills</p>
      </div>
      <SecondsStepper
        label="Time"
        value={test.seconds}
        range={TEST_LIMITS.seconds}
        onChange={(seconds) => change({ seconds })}
      />
      <TextField
        label="What to look for"
        value={test.looksFor}
        lines={2}
        format={(text) => text}
        parse={(text) => ok(text.trim().slice(0, TEST_LIMITS.looksFor))}
        onChange={(looksFor) => change({ looksFor })}
      />
      <section>
        <h3 className="section-title mb-1">Where it stands</h3>
        <ul>
          {places.map(({ place, name }) => {
            const isOn = test.at.some((p) => isEqual(p, place));
            return (
              <li key={name} className="flex min-h-9 items-center border-t border-line">
                <Toggle
                  label={name}
                  isOn={isOn}
                  // A test that stands nowhere would be none: it is dropped by its button.
                  isFixed={isOn && test.at.length === 1}
                  onChange={(on) =>
                    change({ at: on ? [...test.at, place] : test.at.filter((p) => !isEqual(p, place)) })
                  }
                />
              </li>
            );
          })}
        </ul>
      </section>
      <Button onClick={onDrop}>
        <Trash2 aria-hidden className="size-4" />
        Drop the test
      </Button>
      <DrillInstructions drill={drill} />
    </div>
  );
}
