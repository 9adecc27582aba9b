"use client";

import { Check, ChevronDown } from "lucide-react";
import { Select } from "radix-ui";

export interface ChoiceOption {
  value: string;
  label: string;
  note?: string;
}

export interface ChoiceGroup {
  label?: string;
  options: readonly ChoiceOption[];
}

interface ChoiceProps {
  label: string;
  value: string;
  groups: readonly ChoiceGroup[];
  onChange: (value: string) => void;
  /** Shown while nothing is picked. */
  placeholder?: string;
  triggerClassName?: string;
}

/** A pick from a list with its label above it, as a `Stepper` has it. */
export function LabelledChoice(props: ChoiceProps) {
  return (
    <span className="flex flex-col">
      <span aria-hidden className="condensed text-2xs text-ink-soft">
        {props.label}
      </span>
      <Choice {...props} triggerClassName="min-h-6 text-sm font-bold" />
    </span>
  );
}

/** Stands for nothing in a list, where no value may be empty; no id has brackets. */
const NONE = "(none)";

/** A pick from a list that may be left open, in the words of `none`. */
export function OptionalChoice({
  none,
  value,
  groups,
  onChange,
  label,
}: Omit<ChoiceProps, "value" | "onChange"> & {
  none: string;
  value: string | null;
  onChange: (value: string | null) => void;
}) {
  return (
    <LabelledChoice
      label={label}
      value={value ?? NONE}
      groups={[{ options: [{ value: NONE, label: none }] }, ...groups]}
      onChange={(to) => onChange(to === NONE ? null : to)}
    />
  );
}

/** A pick from a list, by mouse, typing or arrows. */
export function Choice({ label, value, groups, onChange, placeholder, triggerClassName = "" }: ChoiceProps) {
  return (
    <Select.Root value={value} onValueChange={onChange}>
      <Select.Trigger
        aria-label={label}
        className={`inline-flex items-center gap-1 pointer-coarse:min-h-11 rounded-sm text-left hover:text-ember data-[state=open]:text-ember ${triggerClassName}`}
      >
        <Select.Value placeholder={placeholder} />
        <ChevronDown aria-hidden className="size-[0.85em] shrink-0 opacity-60" />
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={6}
          className="z-50 max-h-[min(26rem,var(--radix-select-content-available-height))] min-w-56 overflow-hidden rounded-sm border border-ink bg-field shadow-sheet"
        >
          <Select.Viewport className="p-1">
            {groups.map((group) => (
              <Select.Group key={group.label ?? group.options[0]?.value}>
                {group.label && (
                  <Select.Label className="condensed px-2 pt-2 pb-1 text-ink-faint">
                    {group.label}
                  </Select.Label>
                )}
                {group.options.map((option) => (
                  <Select.Item
                    key={option.value}
                    value={option.value}
                    className="flex max-w-80 cursor-pointer items-start gap-2 rounded-xs px-2 py-1.5 outline-none data-[highlighted]:bg-chalk-deep"
                  >
                    <span className="mt-0.5 w-3.5 shrink-0">
                      <Select.ItemIndicator>
                        <Check aria-hidden className="size-3.5" />
                      </Select.ItemIndicator>
                    </span>
                    <span>
                      <Select.ItemText>{option.label}</Select.ItemText>
                      {option.note && <span className="block text-2xs text-ink-soft">{option.note}</span>}
                    </span>
                  </Select.Item>
                ))}
              </Select.Group>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
