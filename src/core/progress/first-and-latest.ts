/** A number of somebody on a day. */
export interface NumberOfDay {
  athlete: string;
  /** ISO day. */
  day: string;
  value: number;
}

/** Where somebody began in a time, and where they are. */
export interface FirstAndLatest {
  athlete: string;
  first: { day: string; value: number };
  latest: { day: string; value: number };
}

/** The first and the latest number of everybody who has any, in the order in which they come; of one day the last counts. */
export function firstAndLatest(numbers: readonly NumberOfDay[]): FirstAndLatest[] {
  const found = new Map<string, FirstAndLatest>();
  for (const { athlete, day, value } of numbers) {
    const now = { day, value };
    const known = found.get(athlete);
    if (!known) found.set(athlete, { athlete, first: now, latest: now });
    else {
      found.set(athlete, {
        athlete,
        first: day < known.first.day ? now : known.first,
        latest: day >= known.latest.day ? now : known.latest,
      });
    }
  }
  return [...found.values()];
}
