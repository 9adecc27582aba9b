"use client";

import { AREA_IDS, AREAS, IMPLEMENTS, type Lift } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { LabelledChoice, OptionalChoice } from "@/ui/choice";
import { parseName, TextField } from "@/ui/text-field";
import { Toggle } from "@/ui/toggle";
import { DemandSliders } from "./demand-sliders";
import { IMPLEMENT_NAMES } from "./implement-names";
import { Ticks } from "./ticks";

const PATTERNS = DEMAND_IDS.filter((d) => DEMANDS[d].kind === "pattern");

/** What an own lift is, to be changed. */
export function LiftFields({ lift, set }: { lift: Lift; set: (to: Partial<Lift>) => void }) {
  const asked = DEMAND_IDS.filter((d) => lift.asks[d] && DEMANDS[d].kind === "activation");
  return (
    <div className="space-y-7">
      <TextField
        className="max-w-md"
        label="Name"
        value={lift.name}
        format={String}
        parse={parseName}
        onChange={(name) => set({ name })}
      />
      <div className="flex flex-wrap items-end gap-x-7 gap-y-3">
        <LabelledChoice
          label="Loaded with"
          value={lift.implement}
          groups={[
            {
              options: IMPLEMENTS.filter((i) => i !== "none").map((i) => ({
                value: i,
                label: IMPLEMENT_NAMES[i],
              })),
            },
          ]}
          onChange={(i) => set({ implement: i as Lift["implement"] })}
        />
        <OptionalChoice
          label="Movement"
          none="A single joint"
          value={lift.pattern}
          groups={[{ options: PATTERNS.map((d) => ({ value: d, label: DEMANDS[d].name })) }]}
          onChange={(pattern) => set({ pattern: pattern as DemandId | null })}
        />
      </div>
      <DemandSliders title="Asks for" weights={lift.asks} onChange={(asks) => set({ asks })} />
      {asked.length > 0 && (
        <Ticks
          title="Activated by its own ramp sets"
          all={asked}
          nameOf={(d) => DEMANDS[d].name}
          chosen={lift.primeMovers}
          onChange={(primeMovers) => set({ primeMovers })}
        />
      )}
      <Ticks
        title="Loads"
        all={AREA_IDS}
        nameOf={(a) => AREAS[a]}
        chosen={lift.loads}
        onChange={(loads) => set({ loads })}
      />
      <div className="grid max-w-xl gap-2 sm:grid-cols-2">
        <Toggle
          label="From the floor"
          note="The bar has to stand at full height."
          isOn={lift.fromFloor}
          onChange={(fromFloor) => set({ fromFloor })}
        />
        <Toggle
          label="Several joints"
          note="Bigger lifts get longer ramps."
          isOn={lift.compound}
          onChange={(compound) => set({ compound })}
        />
        <Toggle
          label="Olympic"
          note="Low repetitions up to the weight."
          isOn={lift.olympic}
          onChange={(olympic) => set({ olympic })}
        />
        <Toggle
          label="With safeties and a spotter"
          isOn={lift.spotted}
          onChange={(spotted) => set({ spotted })}
        />
      </div>
    </div>
  );
}
