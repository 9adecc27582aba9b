"use client";

import { Toggle } from "@/ui/toggle";

/** Some of a list, ticked. */
export function Ticks<T extends string>({
  title,
  all,
  nameOf,
  chosen,
  onChange,
}: {
  title: string;
  all: readonly T[];
  nameOf: (id: T) => string;
  chosen: readonly T[];
  onChange: (chosen: T[]) => void;
}) {
  return (
    <fieldset>
      <legend className="condensed mb-1 text-2xs text-ink-soft">{title}</legend>
      <div className="flex flex-wrap gap-x-5 gap-y-1">
        {all.map((id) => (
          <Toggle
            key={id}
            label={nameOf(id)}
            isOn={chosen.includes(id)}
            onChange={(isOn) => onChange(all.filter((o) => (o === id ? isOn : chosen.includes(o))))}
          />
        ))}
      </div>
    </fieldset>
  );
}
