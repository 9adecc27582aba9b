"use client";

import { type Approach, PHASE_NAMES, type Slot } from "@/core/catalog";
import { DEMANDS } from "@/core/demands";
import { Toggle } from "@/ui/toggle";
import { WholeStepper } from "@/ui/whole-stepper";

/** When a job is done, in words. */
export function whenAsked({ whenAsked: demands }: Slot): string {
  if (!demands) return "always";
  return `when the lift asks for ${demands.map((d) => DEMANDS[d].name.toLowerCase()).join(", ")}`;
}

/** How many drills an approach does, and the jobs it does in every session, to be changed. */
export function ApproachJobs({
  approach,
  set,
}: {
  approach: Approach;
  set: (to: Partial<Approach>) => void;
}) {
  const { pace, slots } = approach;
  const setSlot = (at: number, to: Partial<Slot>) =>
    set({ slots: slots.map((s, i) => (i === at ? { ...s, ...to } : s)) });
  const number = (
    label: string,
    value: number,
    range: readonly [number, number],
    onChange: (to: number) => void,
  ) => <WholeStepper label={label} value={value} range={range} step={1} onChange={onChange} width="4ch" />;
  return (
    <>
      <section>
        <h3 className="section-title mb-2">How many drills</h3>
        <div className="flex flex-wrap items-end gap-x-7 gap-y-2">
          {number("To begin with", pace.from, [1, 20], (from) => set({ pace: { ...pace, from } }))}
          {number("One more every … seconds", pace.every, [10, 600], (every) =>
            set({ pace: { ...pace, every } }),
          )}
          {number("At most", pace.most, [1, 40], (most) => set({ pace: { ...pace, most } }))}
        </div>
      </section>
      {slots.length > 0 && (
        <section>
          <h3 className="section-title mb-1">Jobs</h3>
          <p className="text-ink-soft">When time is short, the jobs with the fewest points go first.</p>
          <ul className="mt-2">
            {slots.map((slot, i) => (
              <li
                key={`${slot.phase} ${slot.name}`}
                className="flex flex-wrap items-end gap-x-7 gap-y-1 border-t border-line py-2"
              >
                <span className="w-56 pb-1">
                  <span className="block font-semibold">{slot.name}</span>
                  <span className="block text-sm text-ink-soft">
                    {PHASE_NAMES[slot.phase]}, {whenAsked(slot)}
                  </span>
                </span>
                {number("Points", slot.points, [0, 100], (points) => setSlot(i, { points }))}
                {number("Drills wanted", slot.drills.least, [0, slot.drills.most], (least) =>
                  setSlot(i, { drills: { ...slot.drills, least } }),
                )}
                {number(
                  `At most for ${slot.name}`,
                  slot.drills.most,
                  [Math.max(1, slot.drills.least), 10],
                  (most) => setSlot(i, { drills: { ...slot.drills, most } }),
                )}
                <span className="ml-auto">
                  <Toggle
                    label="Offers three"
                    isOn={slot.offers ?? false}
                    onChange={(offers) => setSlot(i, { offers: offers || undefined })}
                  />
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
