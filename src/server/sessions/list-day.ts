import { differenceInCalendarWeeks, parseISO } from "date-fns";
import { z } from "zod";
import { OLD_AFTER_WEEKS } from "@/core/athlete";
import { type Catalog, knownApproach, nameInSentence } from "@/core/catalog";
import type { DraftLift } from "@/core/draft";
import { type PlanFinding, type PlanOutline, planOfLift, type Stair, stairOf } from "@/core/plan";
import { arriveBy, type OwnPart } from "@/core/session";
import { listSessions } from "@/data/sessions";
import type { Finding } from "@/lib/result";
import { type FloorStatus, floorStatuses } from "../floor/floor-status";
import { type MemberWarmUp, readyOf, warmUpsOf } from "../plans/plan-session";
import { dayField } from "../schemas/session";
import { today } from "./day";
import { type OpenSession, openSessions, type SessionToShow } from "./open-session";

/** What a line of a day says of a plan, or of what the plan starts from. */
type Attention = PlanFinding | Finding<"over-time" | "old-working-weight">;

/** One athlete's line in a day's session. */
export interface DayLine {
  athlete: { id: string; name: string };
  /** Names of the lifts, in order. */
  lifts: string[];
  first: Pick<DraftLift, "sets" | "reps" | "weight">;
  approach: string;
  minutes: number;
  stair: Stair;
  /** What needs the coach's attention, the most important first. */
  attention: Attention[];
  own: OwnPart[];
}

/** A session on a day's page. */
export interface DaySession {
  id: string;
  name: string;
  day: string;
  time: string | null;
  /** When to be there; null where no time is fixed. */
  arriveBy: string | null;
  /** By how much it takes more than the minutes there are, bars that are shared included. Seconds; 0: it does not. */
  overSeconds: number;
  gym: string;
  minutes: number;
  together: boolean;
  absent: string[];
  lines: DayLine[];
  /** How it stands on the floor. */
  floor: FloorStatus;
  /** Set where what is stored cannot be read. */
  unreadable: string | null;
}

/** What is worth a word in a list: what speaks against the lift, the time, or a missing weight. */
const WORTH_ATTENTION: readonly Attention["code"][] = [
  "lift-against-area",
  "lift-loads-sore-area",
  "no-working-weight",
  "ramp-over-time",
  "over-time",
  "old-working-weight",
];

function attentionOf(plan: PlanOutline, minutes: number, old: readonly Attention[]): Attention[] {
  const over = plan.seconds > minutes * 60;
  const overTime: Attention = {
    code: "over-time",
    message: `It takes more than the ${minutes} min there are.`,
  };
  const found = [...plan.findings, ...(over ? [overTime] : []), ...old];
  return WORTH_ATTENTION.flatMap((code) => found.filter((f) => f.code === code));
}

/** Working weights that are too old to start from without a look, on a day. */
function oldWeights({ member, request }: MemberWarmUp, day: string): Attention[] {
  return request.lifts.flatMap(({ lift }) => {
    const known = member.athlete.workingWeights.find((w) => w.lift === lift.id);
    const weeks = known ? differenceInCalendarWeeks(parseISO(day), parseISO(known.day)) : 0;
    if (weeks <= OLD_AFTER_WEEKS) return [];
    const message = `The working weight of the ${nameInSentence(lift.name)} is ${weeks} weeks old.`;
    return [{ code: "old-working-weight", message }];
  });
}

function lineOf(warmUp: MemberWarmUp, day: string, catalog: Catalog): DayLine {
  const { member, request, plan } = warmUp;
  const { athlete, draft, own } = member;
  const { sets, reps, weight } = draft.lifts[0]!;
  return {
    athlete: { id: athlete.id, name: athlete.name },
    lifts: request.lifts.map((l) => l.lift.name),
    first: { sets, reps, weight },
    approach: knownApproach(catalog, draft.approach).name,
    minutes: request.minutes,
    stair: stairOf(planOfLift(plan, 0), request.minutes),
    attention: attentionOf(plan, request.minutes, oldWeights(warmUp, day)),
    own,
  };
}

/** A session of which nothing can be shown but what it is, and why. */
function unreadableSession(
  { id, name, day, time }: SessionToShow["row"],
  why: string,
): Omit<DaySession, "floor"> {
  return {
    ...{ id, name, day, time, arriveBy: null, overSeconds: 0, gym: "", minutes: 0, together: false },
    ...{ absent: [], lines: [], unreadable: why },
  };
}

/** A session as a day shows it. One that cannot be planned says so and leaves the others alone. */
async function daySession(
  { row, opened }: SessionToShow,
  catalog: Catalog,
): Promise<Omit<DaySession, "floor">> {
  if (!opened.ok) return unreadableSession(row, opened.error);
  try {
    return await plannedSession(opened.value, catalog);
  } catch (error) {
    console.error(`The plans of session ${row.id} could not be worked out:`, error);
    return unreadableSession(row, "Its plans could not be worked out. Open it to see more.");
  }
}

async function plannedSession(opened: OpenSession, catalog: Catalog): Promise<Omit<DaySession, "floor">> {
  const { session, gym, members } = opened;
  const { id, name, day, time } = session;
  const lines = (await warmUpsOf(opened, catalog)).map((w) => lineOf(w, day, catalog));
  const alone = Math.max(0, ...lines.map((l) => l.stair.seconds));
  const longest = lines.length > 1 ? Math.max(alone, (await readyOf(opened, catalog)).seconds) : alone;
  return {
    id,
    name,
    day,
    time,
    arriveBy: time && arriveBy(time, session.minutes, longest),
    // Who has more minutes of their own is not over before those are.
    overSeconds: Math.max(0, longest - 60 * Math.max(session.minutes, ...lines.map((l) => l.minutes))),
    gym: gym.name,
    minutes: session.minutes,
    together: session.together,
    absent: members.filter((m) => m.absent).map((m) => m.athlete.name),
    lines,
    unreadable: null,
  };
}

type Param = string | string[] | undefined;

/** The day that an address names; today where it names none. */
export function dayOf(param: Param): string {
  const parsed = dayField.safeParse([param].flat()[0]);
  return parsed.success ? parsed.data : today();
}

/** The page of a list that an address names, from 1. */
export function pageOf(param: Param): number {
  return z.coerce.number().int().min(1).max(100_000).catch(1).parse([param].flat()[0]);
}

/** Sessions of a day on one page of it. */
const PAGE = 12;

/** A page of a day's sessions in time order, each with its people and what needs attention. */
export async function listDay(day: string, page: number, catalog: Catalog) {
  const { total, sessions } = await listSessions(day, day, { limit: PAGE, offset: (page - 1) * PAGE });
  const opened = await openSessions(sessions, catalog);
  const [statusOf, shown] = await Promise.all([
    floorStatuses(opened.map((o) => o.row.id)),
    Promise.all(opened.map((o) => daySession(o, catalog))),
  ]);
  return {
    day,
    page,
    pages: Math.max(1, Math.ceil(total / PAGE)),
    total,
    sessions: shown.map((s): DaySession => ({ ...s, floor: statusOf(s.id) })),
  };
}
export type DayPage = Awaited<ReturnType<typeof listDay>>;

/** A day as who works on the floor only sees it: what needs attention is the coach's to know, health among it. */
export function withoutAttention(listed: DayPage): DayPage {
  const lineOf = (line: DayPage["sessions"][number]["lines"][number]) => ({ ...line, attention: [] });
  return { ...listed, sessions: listed.sessions.map((s) => ({ ...s, lines: s.lines.map(lineOf) })) };
}
