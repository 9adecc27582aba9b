"use client";

import { X } from "lucide-react";
import { EQUIPMENT, EQUIPMENT_IDS, type EquipmentId } from "@/core/catalog";
import { RAMP_STYLE_IDS, RAMP_STYLES, type RampStyleId } from "@/core/ramp";
import { formatWeight, parseWeight, type Weight, weight } from "@/core/units";
import { Button, IconButton } from "@/ui/button";
import { LabelledChoice } from "@/ui/choice";
import { approachGroups } from "@/ui/lift-groups";
import { Stepper } from "@/ui/stepper";
import { parseName, TextField } from "@/ui/text-field";
import type { AthletePart } from "./athlete-part";

/** As the session has it, in the lists of approaches and styles. */
const AS_SESSION = "session";

/** What is always so for this athlete: approach, style of ramp, a bar of one's own, what cannot be used. */
export function Habits({ athlete, set }: AthletePart) {
  const { ownBar, cannotUse, unit } = athlete;
  const step = weight(unit === "kg" ? 2.5 : 5);
  const free = EQUIPMENT_IDS.filter((e) => !cannotUse.includes(e));
  return (
    <section aria-label="Always so">
      <h2 className="section-title">Always so</h2>
      <p className="mb-2 text-2xs text-ink-soft">
        Unless a session says otherwise. Who warms up together with others follows the group's approach.
      </p>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <LabelledChoice
          label="Approach"
          value={athlete.approach ?? AS_SESSION}
          groups={[{ options: [{ value: AS_SESSION, label: "As the session" }] }, ...approachGroups()]}
          onChange={(to) => set({ approach: to === AS_SESSION ? null : to })}
        />
        <LabelledChoice
          label="Ramp style"
          value={athlete.rampStyle ?? AS_SESSION}
          groups={[
            {
              options: [
                { value: AS_SESSION, label: "As the approach" },
                ...RAMP_STYLE_IDS.map((id) => ({ value: id, label: RAMP_STYLES[id].name })),
              ],
            },
          ]}
          onChange={(to) => set({ rampStyle: to === AS_SESSION ? null : (to as RampStyleId) })}
        />
      </div>
      <div className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-2">
        {ownBar ? (
          <>
            <TextField
              className="w-48"
              label="A bar of one's own"
              value={ownBar.name}
              format={String}
              parse={parseName}
              onChange={(name) => set({ ownBar: { ...ownBar, name } })}
            />
            <span className="pb-1">
              <Stepper
                label="Its weight"
                value={ownBar.weight}
                format={formatWeight}
                parse={parseWeight}
                next={(w, direction) =>
                  w + direction * step > 0 ? ((w + direction * step) as Weight) : null
                }
                onChange={(w) => set({ ownBar: { ...ownBar, weight: w } })}
                suffix={unit}
                width="5ch"
              />
            </span>
            <IconButton label="Take out the own bar" onClick={() => set({ ownBar: null })}>
              <X aria-hidden className="size-4" />
            </IconButton>
          </>
        ) : (
          <Button
            onClick={() => set({ ownBar: { name: "Own bar", weight: weight(unit === "kg" ? 15 : 35) } })}
          >
            Brings a bar of one's own
          </Button>
        )}
      </div>
      <h3 className="condensed mt-4 text-2xs text-ink-soft">Cannot use</h3>
      <ul>
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
        label="Another thing"
        value=""
        placeholder="Choose"
        groups={[{ options: free.map((e) => ({ value: e, label: EQUIPMENT[e] })) }]}
        onChange={(e) => set({ cannotUse: [...cannotUse, e as EquipmentId] })}
      />
    </section>
  );
}
