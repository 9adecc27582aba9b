import { tz } from "@date-fns/tz";
import { parseISO } from "date-fns";
import type { Catalog } from "@/core/catalog";
import { type FloorPlan, planFloor } from "@/core/floor";
import { addFloorRun, readFloorRun } from "@/data/floor";
import { presentOf, readyOf, warmUpsOf } from "../plans/plan-session";
import { today } from "../sessions/day";
import { openSession } from "../sessions/open-session";
import type { OpenFloor } from "./open-floor";

/** What a session is run by on the floor, as it is planned now; null: there is no such session, or nobody takes part. */
async function floorPlanOf(sessionId: string, catalog: Catalog): Promise<FloorPlan | null> {
  const opened = await openSession(sessionId, catalog);
  if (!opened.ok || presentOf(opened.value).length === 0) return null;
  const [warmUps, ready] = await Promise.all([
    warmUpsOf(opened.value, catalog),
    readyOf(opened.value, catalog),
  ]);
  const members = warmUps.map(({ member, request, plan }) => ({ athlete: member.athlete, request, plan }));
  return planFloor(opened.value.session, opened.value.gym, members, ready, catalog);
}

/**
 * Keeps the plan of a session that is started now, as it is now; one that has been started keeps its own.
 *
 * @returns whether there is such a session with somebody in it.
 */
export async function startFloor(sessionId: string, startedAt: number, catalog: Catalog): Promise<boolean> {
  if (await readFloorRun(sessionId)) return true;
  const plan = await floorPlanOf(sessionId, catalog);
  if (!plan) return false;
  await addFloorRun({ sessionId, plan: JSON.stringify(plan), startedAt, endedAt: null });
  return true;
}

/** A session that has not been started, ready to be; null: there is none that can be. */
export async function beforeStart(
  sessionId: string,
  catalog: Catalog,
): Promise<(OpenFloor & { time: number | null }) | null> {
  const plan = await floorPlanOf(sessionId, catalog);
  const opened = await openSession(sessionId, catalog);
  if (!plan || !opened.ok) return null;
  const { session, gym } = opened.value;
  const time =
    session.time && session.day === today() ? momentOf(session.day, session.time, gym.timeZone) : null;
  return { plan, events: [], seq: 0, now: Date.now(), time };
}

/** A clock time of a day where a gym is. Milliseconds since 1970. */
function momentOf(day: string, time: string, timeZone: string | null | undefined): number {
  const local = `${day}T${time}:00`;
  return (timeZone ? parseISO(local, { in: tz(timeZone) }) : parseISO(local)).getTime();
}
