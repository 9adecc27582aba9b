import { fail, ok, type Result } from "@/lib/result";
import { parseWeight, type UnitSystem, type Weight } from "../units";

const UNIT_WORDS: Readonly<Record<string, UnitSystem>> = {
  ...{ kg: "kg", kgs: "kg", kilo: "kg", kilos: "kg", kilogram: "kg", kilograms: "kg" },
  ...{ lb: "lb", lbs: "lb", "#": "lb", pound: "lb", pounds: "lb" },
};

/** The unit that a word says; null: none. */
export function unitMeant(text: string): UnitSystem | null {
  return UNIT_WORDS[text.trim().toLowerCase().replace(/\.$/, "")] ?? null;
}

/**
 * Reads a weight that may say its unit.
 *
 * @example readWeight("225 lbs") // { ok: true, value: { weight: 225000, unit: "lb" } }
 */
export function readWeight(text: string): Result<{ weight: Weight; unit: UnitSystem | null }, string> {
  const [, number = "", word = ""] = /^([\d.,\s]*?)\s*([a-z#.]*)$/i.exec(text.trim()) ?? [];
  const unit = word === "" ? null : unitMeant(word);
  if (word !== "" && unit === null)
    return fail(`Type "${text}" as a number with kg or lb, for example 72.5 kg.`);
  const weight = parseWeight(number);
  return weight.ok ? ok({ weight: weight.value, unit }) : weight;
}

/** Which comes first where a day is written in numbers alone, the day or the month. */
export type DayOrder = "day-first" | "month-first";

const MONTHS = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];

/** An ISO day, where there is such a day. */
function isoDay(year: number, month: number, day: number): string | null {
  const whole = year < 100 ? 2000 + year : year;
  const date = new Date(Date.UTC(whole, month - 1, day));
  const isThere =
    date.getUTCMonth() === month - 1 && date.getUTCDate() === day && whole >= 1900 && whole <= 2100;
  return isThere ? date.toISOString().slice(0, 10) : null;
}

/** The numbers of a day as "3/4/2026", "3.4.26" or "3-4-2026"; null: written in another way. */
function numbersOf(text: string): [number, number, number] | null {
  const found = /^(\d{1,2})\s*[./-]\s*(\d{1,2})\s*[./-]\s*(\d{4}|\d{2})$/.exec(text.trim());
  return found ? [Number(found[1]), Number(found[2]), Number(found[3])] : null;
}

/** Which order the days of a column are in, as far as they tell: a point stands after the day, and over twelve is no month. */
export function orderOfDays(texts: readonly string[]): DayOrder | null {
  for (const text of texts) {
    const numbers = numbersOf(text);
    if (!numbers) continue;
    if (text.includes(".") || numbers[0] > 12) return "day-first";
    if (numbers[1] > 12) return "month-first";
  }
  return null;
}

/** Whether a day could be two: that has to be asked. */
export function isTwoDays(text: string): boolean {
  const numbers = numbersOf(text);
  return numbers !== null && numbers[0] <= 12 && numbers[1] <= 12 && numbers[0] !== numbers[1];
}

/**
 * Reads a day: "2026-01-31", "31.1.2026", "31/1/26", "31 Jan 2026", "Jan 31, 2026".
 *
 * @param order of days in numbers; null: not known, so one that could be two is not read.
 */
export function readDay(text: string, order: DayOrder | null): Result<string, string> {
  const wrong = fail(`Day: write "${text.slice(0, 30)}" as 2026-01-31.`);
  const said = text.trim();
  const iso = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?:[T ].*)?$/.exec(said);
  const day = (of: string | null): Result<string, string> => (of === null ? wrong : ok(of));
  if (iso) return day(isoDay(Number(iso[1]), Number(iso[2]), Number(iso[3])));
  const numbers = numbersOf(said);
  if (numbers) {
    if (order === null && isTwoDays(said))
      return fail(`Day: "${said}" could be two days. Say which comes first.`);
    const [first, second, year] = numbers;
    const isMonthFirst = order === "month-first" || (order === null && second > 12);
    return day(isMonthFirst ? isoDay(year, first, second) : isoDay(year, second, first));
  }
  const words =
    /^(?:(\d{1,2})\.?\s+([a-z]{3,9})\.?|([a-z]{3,9})\.?\s+(\d{1,2}))(?:st|nd|rd|th)?,?\s+(\d{4})$/i.exec(
      said,
    );
  const month = MONTHS.indexOf((words?.[2] ?? words?.[3] ?? "").slice(0, 3).toLowerCase()) + 1;
  return words && month > 0 ? day(isoDay(Number(words[5]), month, Number(words[1] ?? words[4]))) : wrong;
}
