"use client";

import { fail, ok, type Result } from "@/lib/result";
import { useConventions, useTimeInWords } from "./conventions";
import { Stepper } from "./stepper";

const STEP = 5;
const DAY = 24 * 60;

/** Reads a clock time: "18:30", "18.30", "1830", "6:30 pm", "18"; nothing typed is none. */
export function parseTime(text: string): Result<string | null, string> {
  const typed = text.trim().toLowerCase();
  if (typed === "") return ok(null);
  const found = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*(am|pm)?$/.exec(typed);
  if (found) {
    const half = found[3];
    const hour = Number(found[1]);
    const minute = Number(found[2] ?? 0);
    const isIn = half ? hour >= 1 && hour <= 12 : hour <= 23;
    const within = half ? (hour % 12) + (half === "pm" ? 12 : 0) : hour;
    if (isIn && minute <= 59) return ok(clock(within * 60 + minute));
  }
  return fail("Give a time such as 18:30.");
}

function clock(minutes: number): string {
  const two = (n: number) => String(n).padStart(2, "0");
  return `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
}

/** The time five minutes on or back; from none the evening. */
export function nextTime(time: string | null, direction: 1 | -1): string | null {
  if (time === null) return "18:00";
  const [hours, minutes] = time.split(":");
  return clock((Number(hours) * 60 + Number(minutes) + direction * STEP + DAY) % DAY);
}

/** A clock time that can be typed and stepped, or none. */
export function TimeField({
  label,
  value,
  onChange,
}: {
  label: string;
  /** As "18:30"; null: none. */
  value: string | null;
  onChange: (time: string | null) => void;
}) {
  const inWords = useTimeInWords();
  const { clock } = useConventions();
  return (
    <Stepper<string | null>
      label={label}
      value={value}
      format={(time) => (time === null ? "" : inWords(time))}
      parse={parseTime}
      next={nextTime}
      onChange={onChange}
      placeholder="none"
      width={clock === 12 ? "9ch" : "6ch"}
    />
  );
}
