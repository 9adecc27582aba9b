"use client";

import { ChevronDown } from "lucide-react";

export interface ChoiceOption {
  value: string;
  label: string;
  note?: string;
}

export interface ChoiceGroup {
  label?: string;
  options: readonly ChoiceOption[];
}

export interface ChoiceProps {
  label: string;
  value: string;
  groups: readonly ChoiceGroup[];
  onChange: (value: string) => void;
  /** Shown while nothing is picked. */
  placeholder?: string;
  triggerClassName?: string;
}

/** How the button looks that opens a list to pick from. */
export function choiceButton(className: string): string {
  return `inline-flex items-center gap-1 pointer-coarse:min-h-11 rounded-sm text-left hover:text-ember data-[state=open]:text-ember ${className}`;
}

/** The arrow of a list to pick from. */
export function ChoiceArrow() {
  return <ChevronDown aria-hidden className="size-[0.85em] shrink-0 opacity-60" />;
}
