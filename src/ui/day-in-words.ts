import { format, parseISO } from "date-fns";

/** A day as it stands in heads and lists: "Thu 26 Nov". */
export function dayInWords(day: string): string {
  return format(parseISO(day), "EEE d MMM");
}
