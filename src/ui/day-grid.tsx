"use client";

import { format, parseISO } from "date-fns";
import { DayPicker } from "react-day-picker";
import { CALENDAR_LOOK } from "./calendar-look";
import { useConventions } from "./conventions";

/** A month of days, of which one is picked; it takes the focus. Days are ISO days. */
export function DayGrid({ value, onPick }: { value: string; onPick: (day: string) => void; open?: boolean }) {
  const { weekStart } = useConventions();
  return (
    <DayPicker
      mode="single"
      required
      weekStartsOn={weekStart}
      showOutsideDays
      autoFocus
      selected={parseISO(value)}
      defaultMonth={parseISO(value)}
      onSelect={(day) => onPick(format(day, "yyyy-MM-dd"))}
      classNames={CALENDAR_LOOK}
    />
  );
}
