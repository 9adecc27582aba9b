import type { Session, SessionLift } from "./session";

/** How a share of the maximum goes up week by week, with lighter weeks between. */
export interface Progression {
  /** Points of per cent that each building week adds. */
  step: number;
  /** Every which week is a back-off week; null: none. */
  backOffEvery: number | null;
  /** Points of per cent that a back-off week is under the building week before it. */
  backOff: number;
}

/** What a progression may be. */
export const PROGRESSION_LIMITS = { step: [0, 10], backOffEvery: [2, 12], backOff: [0, 40] } as const;

/** What a progression is until the coach says otherwise: three weeks up, one down. */
export const USUAL_PROGRESSION: Progression = { step: 2.5, backOffEvery: 4, backOff: 10 };

/** Shares that a session may ask for. */
const PERCENT = { least: 10, most: 120 };

/** Whether a week, counted from 0, is a back-off week. */
export function isBackOffWeek({ backOffEvery }: Progression, week: number): boolean {
  return backOffEvery !== null && (week + 1) % backOffEvery === 0;
}

/**
 * The share of the maximum in a week, counted from 0 for the first. Back-off weeks add nothing: the week after one goes on from
 * the building week before it.
 *
 * @param first of week 0, in per cent.
 * @example percentInWeek(70, { step: 2.5, backOffEvery: 4, backOff: 10 }, 3) // 65: ten under the 75 of the week before
 */
export function percentInWeek(first: number, progression: Progression, week: number): number {
  const { step, backOffEvery, backOff } = progression;
  const lighter = backOffEvery === null ? 0 : Math.floor((week + 1) / backOffEvery);
  const building = week - lighter;
  const meant = first + step * building - (isBackOffWeek(progression, week) ? backOff : 0);
  return Math.min(PERCENT.most, Math.max(PERCENT.least, meant));
}

/** Lifts in a week: those whose load is a share of a maximum at that of the week, the others as they are. */
function liftsInWeek(lifts: readonly SessionLift[], progression: Progression, week: number): SessionLift[] {
  return lifts.map((l) => {
    const load = l.scheme?.load;
    if (!l.scheme || load?.kind !== "percent") return l;
    return {
      ...l,
      scheme: { ...l.scheme, load: { ...load, percent: percentInWeek(load.percent, progression, week) } },
    };
  });
}

/** A session so many weeks on. */
export function sessionInWeek<T extends Pick<Session, "lifts" | "subGroups">>(
  session: T,
  progression: Progression,
  week: number,
): T {
  const inWeek = (lifts: readonly SessionLift[]) => liftsInWeek(lifts, progression, week);
  return {
    ...session,
    lifts: inWeek(session.lifts),
    subGroups: session.subGroups.map((g) => ({ ...g, lifts: inWeek(g.lifts) })),
  };
}

/** The first share of a maximum that a session asks for, in per cent; null: none. */
export function firstPercent(session: Pick<Session, "lifts" | "subGroups">): number | null {
  const all = [session.lifts, ...session.subGroups.map((g) => g.lifts)].flat();
  const shares = all.flatMap(({ scheme }) => (scheme?.load.kind === "percent" ? [scheme.load.percent] : []));
  return shares[0] ?? null;
}

/** Whole weeks between the Mondays of two ISO days. */
export function weeksBetween(from: string, to: string): number {
  const monday = (day: string) => {
    const days = Math.floor(Date.parse(`${day}T00:00:00Z`) / (24 * 60 * 60 * 1000));
    // 1970-01-01 was a Thursday.
    return days - ((days + 3) % 7);
  };
  return (monday(to) - monday(from)) / 7;
}
