"use client";

import { Check } from "lucide-react";
import { Select } from "radix-ui";
import { ChoiceArrow, type ChoiceProps, choiceButton } from "./choice-button";
import type { TakesOver } from "./stand-in";

/** The list of a choice, with the button that opens it. */
export function ChoiceList({
  label,
  value,
  groups,
  onChange,
  placeholder,
  triggerClassName = "",
  startsOpen,
  hasFocus,
}: ChoiceProps & TakesOver) {
  return (
    <Select.Root value={value} onValueChange={onChange} defaultOpen={startsOpen}>
      <Select.Trigger aria-label={label} autoFocus={hasFocus} className={choiceButton(triggerClassName)}>
        <Select.Value placeholder={placeholder} />
        <ChoiceArrow />
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
