"use client";

import { format, parseISO } from "date-fns";
import { CalendarDays } from "lucide-react";
import dynamic from "next/dynamic";
import { Popover } from "radix-ui";
import { useState } from "react";
import { CALENDAR_LOOK } from "./calendar-look";
import { dayInWords } from "./day-in-words";

/** The calendar; its code is loaded when a day is picked for the first time. */
const DayPicker = dynamic(() => import("react-day-picker").then((m) => m.DayPicker), { ssr: false });

/** A day, picked from a calendar. */
export function DayField({
  label,
  value,
  onChange,
}: {
  label: string;
  /** ISO day. */
  value: string;
  onChange: (day: string) => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <span className="flex flex-col">
      <span aria-hidden className="condensed text-2xs text-ink-faint">
        {label}
      </span>
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger
          aria-label={`${label}: ${format(parseISO(value), "EEEE d MMMM yyyy")}`}
          className="inline-flex min-h-6 items-center gap-1.5 rounded-sm text-sm font-bold hover:text-ember"
        >
          {dayInWords(value)}
          <CalendarDays aria-hidden className="size-[0.95em] opacity-60" />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={6}
            aria-label={label}
            className="z-50 rounded-sm border border-ink bg-field p-3 shadow-sheet"
          >
            <DayPicker
              mode="single"
              required
              weekStartsOn={1}
              showOutsideDays
              autoFocus
              selected={parseISO(value)}
              defaultMonth={parseISO(value)}
              onSelect={(day) => {
                onChange(format(day, "yyyy-MM-dd"));
                setOpen(false);
              }}
              classNames={CALENDAR_LOOK}
            />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </span>
  );
}
