"use client";

import { X } from "lucide-react";
import { AREA_IDS, AREA_LEVELS, AREAS, type AreaId, type AreaLevel } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { fail, ok } from "@/lib/result";
import { IconButton } from "@/ui/button";
import { Choice, type ChoiceGroup, LabelledChoice } from "@/ui/choice";
import { TextField } from "@/ui/text-field";
import type { AthletePart } from "./athlete-part";

const MOST_LIMITERS = 8;
const LEVELS: Record<AreaLevel, string> = {
  slow: "Slow to warm",
  "very-slow": "Very slow to warm",
  sore: "Sore",
  avoid: "To avoid",
};
const LEVEL_CHOICES: readonly ChoiceGroup[] = [
  { options: AREA_LEVELS.map((level) => ({ value: level, label: LEVELS[level] })) },
];
/** What coaches have noted. */
export function Note({ athlete, set, className = "" }: AthletePart & { className?: string }) {
  return (
    <TextField
      className={className}
      label="Notes (only coaches see them)"
      value={athlete.note}
      format={String}
      parse={(text) => (text.length > 2000 ? fail("Use at most 2000 characters.") : ok(text.trim()))}
      onChange={(note) => set({ note })}
      lines={3}
    />
  );
}

/** What holds the athlete back, the most important first. */
export function Limiters({ athlete, set }: AthletePart) {
  const { limiters } = athlete;
  const free = DEMAND_IDS.filter((d) => !limiters.includes(d));
  return (
    <section>
      <h2 className="section-title">Limiters</h2>
      <p className="text-2xs text-ink-soft">Drills for these come first.</p>
      <ul className="my-2">
        {limiters.map((d) => (
          <li key={d} className="flex min-h-9 items-center justify-between border-t border-line">
            <span className="font-semibold">{DEMANDS[d].name}</span>
            <IconButton
              label={`Remove ${DEMANDS[d].name}`}
              onClick={() => set({ limiters: limiters.filter((o) => o !== d) })}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      {limiters.length < MOST_LIMITERS && (
        <LabelledChoice
          label="Add limiter"
          value=""
          placeholder="Choose"
          groups={[{ options: free.map((d) => ({ value: d, label: DEMANDS[d].name })) }]}
          onChange={(d) => set({ limiters: [...limiters, d as DemandId] })}
        />
      )}
    </section>
  );
}

/** Parts of the body to look after, each with its level. */
export function Areas({ athlete, set }: AthletePart) {
  const { areas } = athlete;
  const free = AREA_IDS.filter((id) => !areas.some((a) => a.area === id));
  const put = (area: AreaId, level: AreaLevel) =>
    set({ areas: areas.map((a) => (a.area === area ? { area, level } : a)) });
  return (
    <section aria-label="Injuries and cautions">
      <h2 className="section-title">Injuries and cautions</h2>
      <p className="text-2xs text-ink-soft">
        Health notes: only coaches and the athlete's own card show them.
      </p>
      <ul className="my-2">
        {areas.map(({ area, level }) => (
          <li key={area} className="flex min-h-9 items-center justify-between gap-3 border-t border-line">
            <span className="w-28 font-semibold">{AREAS[area]}</span>
            <Choice
              label={`${AREAS[area]}, how`}
              value={level}
              groups={LEVEL_CHOICES}
              onChange={(to) => put(area, to as AreaLevel)}
              triggerClassName="mr-auto min-h-6"
            />
            <IconButton
              label={`Remove ${AREAS[area]}`}
              onClick={() => set({ areas: areas.filter((a) => a.area !== area) })}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      {free.length > 0 && (
        <LabelledChoice
          label="Add area"
          value=""
          placeholder="Choose"
          groups={[{ options: free.map((id) => ({ value: id, label: AREAS[id] })) }]}
          onChange={(id) => set({ areas: [...areas, { area: id as AreaId, level: "slow" }] })}
        />
      )}
    </section>
  );
}
