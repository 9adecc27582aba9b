"use client";

import { AREA_IDS, AREAS, type Drill, EQUIPMENT, EQUIPMENT_IDS, PHASE_NAMES, PHASES } from "@/core/catalog";
import type { DoseKind, DoseRange } from "@/core/dose";
import { fail, ok, type Result } from "@/lib/result";
import { LabelledChoice } from "@/ui/choice";
import { parseName, TextField } from "@/ui/text-field";
import { Toggle } from "@/ui/toggle";
import { WholeStepper } from "@/ui/whole-stepper";
import { DemandSliders } from "./demand-sliders";
import { FigureChoice } from "./figure-choice";
import { Ticks } from "./ticks";

const KINDS: Record<DoseKind, string> = {
  reps: "Repetitions",
  hold: "A hold, seconds",
  contractions: "Contractions",
  breaths: "Breaths",
  time: "Time, seconds",
  metres: "Metres",
};
const POSITIONS: Record<Drill["position"], string> = {
  standing: "Standing",
  "at-rack": "At the rack",
  hanging: "Hanging",
  "half-kneeling": "Half-kneeling",
  "hands-and-knees": "Hands and knees",
  "face-up": "Lying face up",
  "face-down": "Lying face down",
  "side-lying": "Lying on the side",
  seated: "Seated",
  plank: "Plank",
};
const EFFORTS = ["Very gentle", "Gentle", "Middling", "Hard", "Explosive"] as const;
const SKILLS = ["plain", "advanced"] as const;
const TEACHING = { plain: "A name is enough", some: "Shown once", advanced: "Has to be taught" };
const IMPACTS = { none: "None", low: "Low", high: "High" } as const;
const MOST_TEXT = 600;

type Range = DoseRange["sets"];

/** Metres of clear floor of a drill that travels, until the coach says otherwise. */
const USUAL_SPACE = 5;

/** Reads the lowest, the usual and the highest: "1, 2, 3" or "1 2 3". */
function parseRange(most: number) {
  return (text: string): Result<Range, string> => {
    const numbers = text
      .split(/[\s,;–-]+/)
      .filter((t) => t !== "")
      .map(Number);
    const [low, usual, high] = numbers;
    const isRight =
      numbers.length === 3 &&
      numbers.every((n) => Number.isInteger(n) && n >= 1 && n <= most) &&
      low! <= usual! &&
      usual! <= high!;
    return isRight
      ? ok([low!, usual!, high!] as const)
      : fail("Give the lowest, the usual and the highest, such as 6, 8, 12.");
  };
}

const parseText = (text: string): Result<string, string> =>
  text.length > MOST_TEXT ? fail(`Use at most ${MOST_TEXT} characters.`) : ok(text.trim());
const linesOf = (text: string): Result<readonly string[], string> =>
  ok(
    text
      .split("\n")
      .map((l) => l.trim())
      .filter((l) => l !== "")
      .slice(0, 8),
  );

/** What an own drill is, to be changed. */
export function DrillFields({ drill, set }: { drill: Drill; set: (to: Partial<Drill>) => void }) {
  const { dose } = drill;
  const setDose = (to: Partial<DoseRange>) => set({ dose: { ...dose, ...to } });
  const needs = drill.equipment.flatMap((need) => need.slice(0, 1));
  return (
    <div className="space-y-7">
      <TextField
        className="max-w-md"
        label="Name"
        value={drill.name}
        format={String}
        parse={parseName}
        onChange={(name) => set({ name })}
      />
      <FigureChoice drill={drill} onChange={(figure) => set({ figure })} />
      <Ticks
        title="Phases it may stand in"
        all={PHASES}
        nameOf={(p) => PHASE_NAMES[p]}
        chosen={drill.phases}
        onChange={(phases) => phases.length > 0 && set({ phases })}
      />
      <DemandSliders title="Serves" weights={drill.serves} onChange={(serves) => set({ serves })} />
      <div className="flex flex-wrap items-end gap-x-7 gap-y-3">
        <LabelledChoice
          label="Dosed by"
          value={dose.kind}
          groups={[{ options: Object.entries(KINDS).map(([value, label]) => ({ value, label })) }]}
          onChange={(kind) => setDose({ kind: kind as DoseKind })}
        />
        <TextField
          className="w-36"
          label="Sets: low, usual, high"
          value={dose.sets}
          format={(r) => r.join(", ")}
          parse={parseRange(10)}
          onChange={(sets) => setDose({ sets })}
        />
        <TextField
          className="w-36"
          label="Amount: low, usual, high"
          value={dose.amount}
          format={(r) => r.join(", ")}
          parse={parseRange(900)}
          onChange={(amount) => setDose({ amount })}
        />
        {dose.kind !== "hold" && dose.kind !== "time" && (
          <WholeStepper
            label="Seconds each"
            value={dose.secondsPerUnit}
            range={[1, 60]}
            onChange={(secondsPerUnit) => setDose({ secondsPerUnit })}
          />
        )}
        <WholeStepper
          label="Rest, seconds"
          value={dose.restSeconds}
          range={[0, 300]}
          step={5}
          onChange={(restSeconds) => setDose({ restSeconds })}
        />
        <WholeStepper
          label="Setting up, seconds"
          value={drill.setUpSeconds}
          range={[0, 300]}
          step={5}
          onChange={(setUpSeconds) => set({ setUpSeconds })}
        />
      </div>
      <div className="flex flex-wrap gap-x-8 gap-y-2">
        <Toggle label="Each side" isOn={dose.sides === 2} onChange={(on) => setDose({ sides: on ? 2 : 1 })} />
        <Toggle
          label="Each direction"
          isOn={dose.directions === 2}
          onChange={(on) => setDose({ directions: on ? 2 : 1 })}
        />
        <Toggle
          label="A stretch"
          note="Movement on the same range has to follow."
          isOn={drill.stretch}
          onChange={(stretch) => set({ stretch, mode: stretch ? "static" : "dynamic" })}
        />
        <Toggle label="Assisted" isOn={drill.assisted} onChange={(assisted) => set({ assisted })} />
        <Toggle
          label="Shoes off"
          isOn={drill.shoesOff ?? false}
          onChange={(shoesOff) => set({ shoesOff: shoesOff || undefined })}
        />
        <Toggle
          label="Travels"
          isOn={drill.space !== undefined}
          onChange={(travels) => set({ space: travels ? USUAL_SPACE : undefined })}
        />
        {drill.space !== undefined && (
          <WholeStepper
            label="Clear floor"
            value={drill.space}
            range={[1, 100]}
            suffix="m"
            onChange={(space) => set({ space })}
          />
        )}
      </div>
      <div className="flex flex-wrap items-end gap-x-7 gap-y-3">
        <LabelledChoice
          label="Position"
          value={drill.position}
          groups={[{ options: Object.entries(POSITIONS).map(([value, label]) => ({ value, label })) }]}
          onChange={(position) => set({ position: position as Drill["position"] })}
        />
        <LabelledChoice
          label="Effort"
          value={String(drill.effort)}
          groups={[{ options: EFFORTS.map((label, i) => ({ value: String(i + 1), label })) }]}
          onChange={(effort) => set({ effort: Number(effort) as Drill["effort"] })}
        />
        <LabelledChoice
          label="Teaching"
          value={drill.skill ?? "some"}
          groups={[{ options: Object.entries(TEACHING).map(([value, label]) => ({ value, label })) }]}
          onChange={(skill) => set({ skill: SKILLS.find((s) => s === skill) })}
        />
        <LabelledChoice
          label="Impact"
          value={drill.impact}
          groups={[{ options: Object.entries(IMPACTS).map(([value, label]) => ({ value, label })) }]}
          onChange={(impact) => set({ impact: impact as Drill["impact"] })}
        />
      </div>
      <Ticks
        title="Needs"
        all={EQUIPMENT_IDS}
        nameOf={(e) => EQUIPMENT[e]}
        chosen={needs}
        onChange={(things) =>
          set({
            // What may stand in for a thing is kept.
            equipment: things.map((e) => drill.equipment.find((need) => need[0] === e) ?? [e]),
          })
        }
      />
      <Ticks
        title="Not with injuries of"
        all={AREA_IDS}
        nameOf={(a) => AREAS[a]}
        chosen={drill.avoid}
        onChange={(avoid) => set({ avoid })}
      />
      <div className="grid max-w-2xl gap-3">
        <TextField
          label="How it is done"
          lines={3}
          value={drill.how}
          format={String}
          parse={parseText}
          onChange={(how) => set({ how })}
        />
        <TextField
          label="Cues, one per line (the first is on the card)"
          lines={3}
          value={drill.cues}
          format={(lines) => lines.join("\n")}
          parse={linesOf}
          onChange={(cues) => set({ cues })}
        />
        <TextField
          label="Common faults, one per line"
          lines={2}
          value={drill.faults}
          format={(lines) => lines.join("\n")}
          parse={linesOf}
          onChange={(faults) => set({ faults })}
        />
      </div>
    </div>
  );
}
