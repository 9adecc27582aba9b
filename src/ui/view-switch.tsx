"use client";

import { ToggleGroup } from "radix-ui";

/** Changes between the views of one page. */
export function ViewSwitch<T extends string>({
  label,
  views,
  value,
  onChange,
}: {
  label: string;
  views: readonly { id: T; name: string }[];
  value: T;
  onChange: (view: T) => void;
}) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(to) => to && onChange(to as T)}
      className="mt-3 flex gap-5 border-b border-line print:hidden"
    >
      {views.map(({ id, name }) => (
        <ToggleGroup.Item
          key={id}
          value={id}
          className="-mb-px min-h-9 border-b-2 border-transparent font-semibold text-ink-soft hover:text-ink data-[state=on]:border-ember data-[state=on]:text-ink"
        >
          {name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
