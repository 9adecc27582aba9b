"use client";

import { type Approach, PHASE_NAMES, PHASES, type Phase, type PhaseRule, PLANES } from "@/core/catalog";
import { RAMP_STYLE_IDS, RAMP_STYLES } from "@/core/ramp";
import { fail, ok, type Result } from "@/lib/result";
import { LabelledChoice } from "@/ui/choice";
import { parseName, TextField } from "@/ui/text-field";
import { WholeStepper } from "@/ui/whole-stepper";
import { ApproachFormats } from "./approach-formats";
import { ApproachJobs } from "./approach-jobs";
import { Ticks } from "./ticks";

const LATER: Record<Approach["laterRamps"], string> = {
  full: "In full",
  shorter: "Shorter, the warmer",
  least: "The least there may be",
  "least-in-region": "The least where the region is warm",
};
const PLACES: Record<Approach["limiters"]["place"], string> = {
  first: "First",
  "in-phase": "In their phase",
  last: "Last",
};
const PLANE_NAMES = { sagittal: "Front to back", frontal: "Side to side", transverse: "Turning" } as const;
/** A phase that is put in starts with this. */
const NEW_PHASE: Omit<PhaseRule, "phase"> = { mostDrills: 3, least: 0, most: 180, shortPrice: 1 };
/** Phases that come before the ramp. */
const BEFORE: readonly Phase[] = PHASES.filter((p) => p !== "cool-down");

const parseSentence = (text: string): Result<string, string> =>
  text.length > 600 ? fail("Use at most 600 characters.") : ok(text.trim());

/** What an own approach is, to be changed; what is not shown is as in the one that it was copied from. */
export function ApproachFields({
  approach,
  set,
}: {
  approach: Approach;
  set: (to: Partial<Approach>) => void;
}) {
  const { phases, limiters, typicalMinutes, circuit } = approach;
  const setPhase = (phase: Phase, to: Partial<PhaseRule>) =>
    set({ phases: phases.map((p) => (p.phase === phase ? { ...p, ...to } : p)) });
  const choosePhases = (chosen: readonly Phase[]) => {
    if (chosen.length === 0) return;
    const kept = phases.filter((p) => chosen.includes(p.phase));
    const added = chosen
      .filter((c) => !phases.some((p) => p.phase === c))
      .map((phase) => ({ ...NEW_PHASE, phase }));
    // New ones go where they usually stand.
    const all = [...kept, ...added].sort((a, b) => BEFORE.indexOf(a.phase) - BEFORE.indexOf(b.phase));
    set({ phases: added.length > 0 ? all : kept });
  };
  const number = (
    label: string,
    value: number,
    [least, most, step]: readonly [number, number, number],
    onChange: (to: number) => void,
  ) => (
    <WholeStepper
      label={label}
      value={value}
      range={[least, most]}
      step={step}
      onChange={onChange}
      width="4ch"
    />
  );
  return (
    <div className="space-y-7">
      <div className="grid max-w-2xl gap-3">
        <TextField
          className="max-w-md"
          label="Name"
          value={approach.name}
          format={String}
          parse={parseName}
          onChange={(name) => set({ name })}
        />
        {(["belief", "summary", "givesUp"] as const).map((field) => (
          <TextField
            key={field}
            label={{ belief: "Idea", summary: "What it does", givesUp: "Cut first" }[field]}
            lines={field === "givesUp" ? 1 : 2}
            value={approach[field]}
            format={String}
            parse={parseSentence}
            onChange={(text) => set({ [field]: text })}
          />
        ))}
      </div>
      <section>
        <h3 className="section-title mb-1">Phases</h3>
        <Ticks
          title="In their order"
          all={BEFORE}
          nameOf={(p) => PHASE_NAMES[p]}
          chosen={phases.map((p) => p.phase)}
          onChange={choosePhases}
        />
        <ul className="mt-3">
          {phases.map((p) => (
            <li key={p.phase} className="flex flex-wrap items-end gap-x-7 gap-y-1 border-t border-line py-2">
              <span className="w-24 pb-1 font-semibold">{PHASE_NAMES[p.phase]}</span>
              {number("Drills at most", p.mostDrills, [1, 40, 1], (mostDrills) =>
                setPhase(p.phase, { mostDrills }),
              )}
              {number("Seconds at least", p.least, [0, p.most, 10], (least) => setPhase(p.phase, { least }))}
              {number("Seconds at most", p.most, [Math.max(10, p.least), 3600, 10], (most) =>
                setPhase(p.phase, { most }),
              )}
            </li>
          ))}
        </ul>
      </section>
      <ApproachJobs approach={approach} set={set} />
      <ApproachFormats approach={approach} set={set} />
      <section>
        <h3 className="section-title mb-2">Limiters</h3>
        <div className="flex flex-wrap items-end gap-x-7 gap-y-2">
          {number("How many", limiters.most, [0, 8, 1], (most) => set({ limiters: { ...limiters, most } }))}
          {number("Seconds for each", limiters.secondsEach, [0, 1800, 10], (secondsEach) =>
            set({ limiters: { ...limiters, secondsEach } }),
          )}
          {number("Seconds for all", limiters.secondsAll, [0, 3600, 30], (secondsAll) =>
            set({ limiters: { ...limiters, secondsAll } }),
          )}
          <LabelledChoice
            label="Where"
            value={limiters.place}
            groups={[{ options: Object.entries(PLACES).map(([value, label]) => ({ value, label })) }]}
            onChange={(place) =>
              set({ limiters: { ...limiters, place: place as Approach["limiters"]["place"] } })
            }
          />
        </div>
      </section>
      <Ticks
        title="Planes that drills should cover"
        all={PLANES}
        nameOf={(p) => PLANE_NAMES[p]}
        chosen={approach.planes}
        onChange={(planes) => set({ planes })}
      />
      <section>
        <h3 className="section-title mb-2">Ramp and time</h3>
        <div className="flex flex-wrap items-end gap-x-7 gap-y-2">
          <LabelledChoice
            label="Ramp style"
            value={approach.rampStyle}
            groups={[{ options: RAMP_STYLE_IDS.map((id) => ({ value: id, label: RAMP_STYLES[id].name })) }]}
            onChange={(style) => set({ rampStyle: style as Approach["rampStyle"] })}
          />
          <LabelledChoice
            label="Ramps of later lifts"
            value={approach.laterRamps}
            groups={[{ options: Object.entries(LATER).map(([value, label]) => ({ value, label })) }]}
            onChange={(later) => set({ laterRamps: later as Approach["laterRamps"] })}
          />
          {number(
            "Ramp, % of the time at most",
            Math.round(approach.rampShare * 100),
            [10, 100, 5],
            (share) => set({ rampShare: share / 100 }),
          )}
          {circuit &&
            number("Rounds at most", circuit.mostRounds, [1, 5, 1], (mostRounds) =>
              set({ circuit: { ...circuit, mostRounds } }),
            )}
          {number("Usual minutes, from", typicalMinutes.from, [1, typicalMinutes.to, 1], (from) =>
            set({ typicalMinutes: { ...typicalMinutes, from } }),
          )}
          {number("to", typicalMinutes.to, [typicalMinutes.from, 60, 1], (to) =>
            set({ typicalMinutes: { ...typicalMinutes, to } }),
          )}
        </div>
      </section>
    </div>
  );
}
