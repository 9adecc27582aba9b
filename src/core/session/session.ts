import type { DrillId } from "../catalog";
import type { DraftDrill } from "../draft";
import type { Circuit, TestStep } from "../drills";
import type { Room } from "../ramp";
import type { OfMaximum } from "../strength";
import type { Weight } from "../units";

/** How a working weight is said for everybody: as a weight in the gym's unit, or by each one's maximum. */
export type SessionLoad = { kind: "weight"; weight: Weight } | OfMaximum;

/** Working sets that are the same for everybody. */
export interface Scheme {
  sets: number;
  reps: number;
  load: SessionLoad;
}

/** A main lift of a session. */
export interface SessionLift {
  lift: string;
  /** Null: each athlete's last working sets. */
  scheme: Scheme | null;
  /** Done in turns with the lift after it. */
  pairedWithNext: boolean;
}

/** What sessions that come again have in common. */
export interface Series {
  id: string;
  /** On which days, as a recurrence rule (RFC 5545). */
  rule: string;
}

/** Some of those who take part, with lifts of their own in place of those for everybody. */
export interface SubGroup {
  name: string;
  /** In order, at least one. */
  lifts: readonly SessionLift[];
  /** An athlete is in one at most. */
  athleteIds: readonly string[];
}

/** Somebody who takes part. */
export interface Participant {
  athleteId: string;
  /** Planned for, but not there. */
  absent: boolean;
}

/** How the bars of a session are shared. */
export interface RackSetup {
  /** How many bars there are to share; null: worked out. */
  count: number | null;
  /** How many load a bar. */
  loaders: 1 | 2;
  /** Whether each rack has plates of its own or all load from those of the room. */
  stock: "rack" | "room";
  /** Whether whoever lifts later arrives later; absent: all arrive together. */
  staggered?: boolean;
}

/** How bars are shared until the coach says otherwise. */
export const USUAL_RACKS: RackSetup = { count: null, loaders: 1, stock: "rack" };

/** What a coach prepares for everybody who takes part; what differs for one is in that athlete's warm-up. */
export interface Session {
  id: string;
  name: string;
  /** ISO day. */
  day: string;
  /** When the first working set begins, as "18:30"; null: not fixed. */
  time: string | null;
  gymId: string;
  /** The group that it was made for; null: single athletes. */
  groupId: string | null;
  /** Absent: it comes once. */
  series?: Series | null;
  /** In order, at least one; for everybody who is in none of the sub-groups. */
  lifts: readonly SessionLift[];
  subGroups: readonly SubGroup[];
  /** Before the first working set. */
  minutes: number;
  approach: string;
  room: Room;
  /** One sequence of drills for all with something of one's own, or a warm-up for each alone. */
  together: boolean;
  /** Drills that the coach has chosen for everybody. */
  own: readonly DraftDrill[];
  /** Drills of these that go round together, each in one circuit at most. */
  circuits: readonly Circuit[];
  dropped: readonly DrillId[];
  /** Quick checks between the drills. */
  tests: readonly TestStep[];
  /** What comes after the last lift as a cool-down: nothing, the drills once more, or so many minutes chosen for what has worked. */
  coolDown: boolean | number;
  racks: RackSetup;
  participants: readonly Participant[];
}

/** The most people of one session. */
export const MOST_PARTICIPANTS = 80;

/** The most sub-groups of one session. */
export const MOST_SUB_GROUPS = 8;

/** The main lifts that a session gives an athlete: those of a sub-group, or those for everybody. */
export function liftsFor(session: Pick<Session, "lifts" | "subGroups">, athleteId: string) {
  return session.subGroups.find((g) => g.athleteIds.includes(athleteId))?.lifts ?? session.lifts;
}

/** What a session says of drills and sub-groups until the coach says anything. */
export const NOTHING_SAID = {
  subGroups: [],
  own: [],
  circuits: [],
  dropped: [],
  tests: [],
  coolDown: false,
} satisfies Partial<Session>;
