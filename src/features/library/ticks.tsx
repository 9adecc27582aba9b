"use client";

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
          <label key={id} className="inline-flex min-h-7 items-center gap-1.5 font-medium">
            <input
              type="checkbox"
              checked={chosen.includes(id)}
              onChange={(e) =>
                onChange(all.filter((o) => (o === id ? e.target.checked : chosen.includes(o))))
              }
              className="size-6 accent-ink"
            />
            {nameOf(id)}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
