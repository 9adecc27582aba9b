import { lightFormat } from "date-fns";

/** A day as ISO 8601 has it, by the clock of this machine: "2026-11-26". */
export function isoDay(day: Date | number): string {
  return lightFormat(day, "yyyy-MM-dd");
}
