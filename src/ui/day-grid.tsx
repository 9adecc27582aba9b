"use client";

import { parseISO } from "date-fns";
import { DayPicker } from "react-day-picker";
import { isoDay } from "@/lib/iso-day";
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
      onSelect={(day) => onPick(isoDay(day))}
      classNames={CALENDAR_LOOK}
    />
  );
}
