"use client";

import { format, parseISO } from "date-fns";
import { CalendarDays } from "lucide-react";
import { Popover } from "radix-ui";
import { useState } from "react";
import { dayInWords } from "./day-in-words";
import { later } from "./later";

const DayGrid = later(() => import("./day-grid").then((m) => m.DayGrid));

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
      <span aria-hidden className="condensed text-2xs text-ink-soft">
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
            <DayGrid
              value={value}
              onPick={(day) => {
                onChange(day);
                setOpen(false);
              }}
            />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </span>
  );
}
