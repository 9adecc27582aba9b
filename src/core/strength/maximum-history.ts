import type { Weight } from "../units";
import { estimateOneRepMax } from "./one-rep-max";

/** Sets on record of a lift. */
export interface SetsOnRecord {
  /** ISO day. */
  day: string;
  kind: "working" | "max";
  weight: Weight;
  reps: number;
  rir: number;
}

/** A maximum of a day: tested, or estimated by Epley from the working sets; in the fine unit of what is on record. */
export interface MaximumOfDay {
  day: string;
  maximum: number;
  isTested: boolean;
}

/** The maxima on record of a lift, the oldest first: one of each day, the tested one where there are both. */
export function maximumHistory(rows: readonly SetsOnRecord[]): MaximumOfDay[] {
  const byDay = new Map<string, MaximumOfDay>();
  for (const { day, kind, weight, reps, rir } of rows) {
    const isTested = kind === "max";
    if (byDay.get(day)?.isTested) continue;
    const maximum = isTested ? weight : estimateOneRepMax(weight, reps + rir);
    byDay.set(day, { day, maximum, isTested });
  }
  return [...byDay.values()].sort((a, b) => a.day.localeCompare(b.day));
}
