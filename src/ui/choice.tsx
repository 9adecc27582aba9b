"use client";

import { fetchedOnce } from "@/lib/fetched-once";
import { ChoiceArrow, type ChoiceProps, choiceButton } from "./choice-button";
import { useStandIn } from "./stand-in";

export type { ChoiceGroup, ChoiceOption } from "./choice-button";

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

const list = fetchedOnce(() => import("./choice-list").then((m) => m.ChoiceList));

/** A pick from a list, by mouse, typing or arrows. */
export function Choice(props: ChoiceProps) {
  const { fetched: List, takesOver, standIn } = useStandIn(list);
  if (List) return <List {...props} {...takesOver} />;
  const { label, value, groups, placeholder, triggerClassName = "" } = props;
  const picked = groups.flatMap((g) => g.options).find((o) => o.value === value);
  return (
    <button
      type="button"
      role="combobox"
      aria-label={label}
      aria-haspopup="listbox"
      aria-expanded={false}
      className={choiceButton(triggerClassName)}
      {...standIn}
    >
      <span>{picked?.label ?? placeholder}</span>
      <ChoiceArrow />
    </button>
  );
}
