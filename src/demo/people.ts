import type { AreaId, AreaLevel } from "@/core/catalog";
import type { DemandId } from "@/core/demands";
import type { Experience } from "@/core/ramp";
import people from "./people.json";

/** One invented member. Weights in kg, as [lift, weight, reps, sets, reps in reserve, days ago]. */
export interface DemoAthlete {
  id: string;
  name: string;
  age: number;
  bodyWeight: number;
  experience: Experience;
  /** The most important first. */
  limiters: DemandId[];
  areas: [AreaId, AreaLevel][];
  note?: string;
  weights: [lift: string, weight: number, reps: number, sets: number, rir: number, daysAgo: number][];
  /** Today's own warm-up; absent: the group's. The lift's working weight comes from above. */
  today?: { lifts: string[]; minutes: number; approach: string; room?: "cold" };
}

export interface DemoGroup {
  id: string;
  name: string;
  /** What the group does together, and when the first working set of today's and tomorrow's session begins. */
  sessions: { lifts: string[]; minutes: number; approach: string; today: string; tomorrow: string };
  athletes: DemoAthlete[];
}

export const groups = people as unknown as DemoGroup[];
