"use client";

import { X } from "lucide-react";
import { useCatalog } from "@/client/catalog";
import { drillById, EQUIPMENT, EQUIPMENT_IDS, type EquipmentId } from "@/core/catalog";
import { RAMP_STYLE_IDS, RAMP_STYLES, type RampStyleId } from "@/core/ramp";
import { BarFields, LIGHT_BAR } from "@/features/shared/bar-fields";
import { approachGroups } from "@/features/shared/lift-groups";
import { Button, IconButton } from "@/ui/button";
import { LabelledChoice, OptionalChoice } from "@/ui/choice";
import { shortDay } from "@/ui/day-in-words";
import { Toggle } from "@/ui/toggle";
import type { AthletePart } from "./athlete-part";
import { AthleteWishes } from "./athlete-wishes";

/** What is always so for this athlete: approach, style of ramp, a bar of one's own, what cannot be used. */
export function Habits({ athlete, set }: AthletePart) {
  const catalog = useCatalog();
  const { ownBar, cannotUse, reached, unit } = athlete;
  const free = EQUIPMENT_IDS.filter((e) => !cannotUse.includes(e));
  return (
    <section aria-label="Defaults">
      <h2 className="section-title">Defaults</h2>
      <p className="mb-2 text-2xs text-ink-soft">
        Used unless a session says otherwise. In a group the session's approach counts.
      </p>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <OptionalChoice
          label="Approach"
          none="As the session"
          value={athlete.approach}
          groups={approachGroups(catalog, athlete.approach)}
          onChange={(approach) => set({ approach })}
        />
        <OptionalChoice
          label="Ramp style"
          none="As the approach"
          value={athlete.rampStyle}
          groups={[{ options: RAMP_STYLE_IDS.map((id) => ({ value: id, label: RAMP_STYLES[id].name })) }]}
          onChange={(rampStyle) => set({ rampStyle: rampStyle as RampStyleId | null })}
        />
      </div>
      <div className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-2">
        {ownBar ? (
          <BarFields
            label="Own bar"
            bar={ownBar}
            unit={unit}
            onChange={(bar) => set({ ownBar: bar })}
            onTakeOut={() => set({ ownBar: null })}
          />
        ) : (
          <Button onClick={() => set({ ownBar: { name: "Own bar", weight: LIGHT_BAR[unit] } })}>
            Has own bar
          </Button>
        )}
      </div>
      <h3 className="mt-5 font-semibold">Can't use</h3>
      {cannotUse.length === 0 && <p className="text-ink-soft">Can use everything in the gym.</p>}
      <ul className="mb-2">
        {cannotUse.map((e) => (
          <li key={e} className="flex min-h-9 items-center justify-between border-t border-line">
            <span className="font-semibold">{EQUIPMENT[e]}</span>
            <IconButton
              label={`Can use ${EQUIPMENT[e].toLowerCase()}`}
              onClick={() => set({ cannotUse: cannotUse.filter((o) => o !== e) })}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      <LabelledChoice
        label="Add equipment"
        value=""
        placeholder="Choose"
        groups={[{ options: free.map((e) => ({ value: e, label: EQUIPMENT[e] })) }]}
        onChange={(e) => set({ cannotUse: [...cannotUse, e as EquipmentId] })}
      />
      <div className="mt-5">
        <Toggle
          label="Plans use what has helped"
          note="What trials have shown for this athlete and others counts in the choice of drills."
          isOn={athlete.usesResponses}
          onChange={(usesResponses) => set({ usesResponses })}
        />
      </div>
      <AthleteWishes athlete={athlete} set={set} />
      {reached.length > 0 && (
        <>
          <h3 className="mt-5 font-semibold">Reached</h3>
          <p className="text-2xs text-ink-soft">
            Noted in a warm-up, where it decides which drill comes next.
          </p>
          <ul>
            {reached.map((r) => {
              const name = drillById(catalog, r.drill)?.name ?? r.drill;
              return (
                <li
                  key={`${r.drill} ${r.sign}`}
                  className="flex min-h-9 items-center gap-3 border-t border-line"
                >
                  <span className="min-w-0 flex-1">
                    <span className="font-semibold">{name}</span>: {r.sign}
                  </span>
                  <span className="condensed text-ink-soft">{shortDay(r.day)}</span>
                  <IconButton
                    label={`${r.sign} not reached at ${name}`}
                    onClick={() => set({ reached: reached.filter((o) => o !== r) })}
                  >
                    <X aria-hidden className="size-4" />
                  </IconButton>
                </li>
              );
            })}
          </ul>
        </>
      )}
    </section>
  );
}
