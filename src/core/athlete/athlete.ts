import type { AthleteArea, Drill, DrillId, Lift } from "../catalog";
import type { DemandId } from "../demands";
import type { Experience, RampRequest } from "../ramp";
import type { KnownResponse } from "../response";

/** What a warm-up has to know about an athlete. */
export interface AthleteProfile {
  experience: Experience;
  /** Demands that hold this athlete back, the most important first. */
  limiters: readonly DemandId[];
  areas: readonly AthleteArea[];
  /** What this athlete has reached at drills; absent: nothing is known. */
  reached?: readonly Omit<ReachedSign, "day">[];
  /** What drills have been found to do for this athlete; absent: nothing is known, or it is not to count. */
  responses?: readonly KnownResponse[];
}

/** Something that was to be reached at a drill before another takes its place, in the coach's words. */
export interface ReachedSign {
  drill: DrillId;
  sign: string;
  /** ISO day. */
  day: string;
}

/** How slow to warm the athlete's worst area is that the lift loads; an area to avoid adds no sets. */
export function slowToWarmFor(athlete: AthleteProfile, lift: Lift): RampRequest["slowToWarm"] {
  const levels = athlete.areas.filter((a) => lift.loads.includes(a.area)).map((a) => a.level);
  if (levels.includes("sore")) return "sore";
  if (levels.includes("very-slow")) return 2;
  return levels.includes("slow") ? 1 : 0;
}

/** Whether any area of the athlete is slow to warm. */
export function isStiff(athlete: AthleteProfile): boolean {
  return athlete.areas.some((a) => a.level === "slow" || a.level === "very-slow");
}

/** From this effort on a drill is too much for a sore area that it loads. */
const TOO_HARD_WHEN_SORE = 3;

/**
 * The area of the athlete that rules a drill out: one to avoid, a sore one where the drill is hard or has impact, and
 * one that it is unkind to. Null where nothing does.
 */
export function rulesOut(athlete: AthleteProfile, drill: Drill): AthleteArea | null {
  const hard = drill.effort >= TOO_HARD_WHEN_SORE || drill.impact !== "none";
  const against = ({ area, level }: AthleteArea) => {
    const unkind = drill.unkindTo?.find((u) => u.area === area);
    const loads = drill.avoid.includes(area);
    if (level === "avoid") return loads || unkind !== undefined;
    if (level === "sore") return (loads && hard) || unkind !== undefined;
    return unkind?.from === "slow";
  };
  return athlete.areas.find((a) => a.level === "avoid" && against(a)) ?? athlete.areas.find(against) ?? null;
}

/** Age in the year of an ISO day, in years; null if the birth year is not known. */
export function ageOn(birthYear: number | null, day: string): number | null {
  return birthYear === null ? null : Number(day.slice(0, 4)) - birthYear;
}
