"use client";

import { format, parseISO } from "date-fns";
import { CalendarDays } from "lucide-react";
import { Popover } from "radix-ui";
import { useState } from "react";
import { DayPicker } from "react-day-picker";
import { dayInWords } from "./day-in-words";

const CELL = "size-9 rounded-sm text-center hover:bg-chalk-deep";

/** How the calendar looks; its ways with keys and for screen readers are the package's. */
export const CALENDAR_LOOK = {
  root: "relative",
  month_caption: "flex h-9 items-center font-bold",
  nav: "absolute top-0 right-0 flex",
  button_previous:
    "-outline-offset-2 inline-flex size-9 items-center justify-center rounded-sm hover:bg-chalk-deep",
  button_next:
    "-outline-offset-2 inline-flex size-9 items-center justify-center rounded-sm hover:bg-chalk-deep",
  chevron: "size-4 fill-current",
  weekday: "condensed h-8 w-9 text-2xs font-normal text-ink-faint",
  month_grid: "border-collapse",
  day: "p-0 text-center",
  day_button: CELL,
  today: "font-bold text-ember",
  selected: "[&>button]:bg-ink [&>button]:text-chalk",
  outside: "text-ink-faint",
  disabled: "opacity-40",
} as const;

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
