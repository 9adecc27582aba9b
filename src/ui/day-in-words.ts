const inWords = new Intl.DateTimeFormat("en-GB", {
  weekday: "short",
  day: "numeric",
  month: "short",
  timeZone: "UTC",
});
const short = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", timeZone: "UTC" });

/** An ISO day has no time zone: it is the same day everywhere. */
const dateOf = (day: string) => new Date(`${day}T00:00:00Z`);

/** A day as it stands in heads and lists: "Thu 26 Nov". */
export function dayInWords(day: string): string {
  return inWords.format(dateOf(day)).replace(",", "").replace("Sept", "Sep");
}

/** A day within a sentence: "26 Nov". */
export function shortDay(day: string): string {
  return short.format(dateOf(day)).replace("Sept", "Sep");
}
