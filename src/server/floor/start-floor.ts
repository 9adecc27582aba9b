import { tz } from "@date-fns/tz";
import { parseISO } from "date-fns";
import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { planFloor } from "@/core/floor";
import { addFloorRun, readFloorRun } from "@/data/floor";
import { presentOf, readyOf, warmUpsOf } from "../plans/plan-session";
import { idField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { today } from "../sessions/day";
import { openSession } from "../sessions/open-session";
import { floorHub } from "./floor-hub";
import { newEvent, rowOf } from "./new-event";

export const startFloorSchema = z.strictObject({
  sessionId: idField,
  /** When the first working set is to begin, in milliseconds since 1970; null: as long as it takes. */
  due: z.number().int().min(0).max(8.64e15).nullable(),
});

/** Starts a session on the floor with its plan as it is now; one that has been started goes on. */
export async function startFloor(
  { sessionId, due }: z.output<typeof startFloorSchema>,
  catalog: Catalog,
): Promise<{ kind: "started" } | Refused> {
  if (await readFloorRun(sessionId)) return { kind: "started" };
  const opened = await openSession(sessionId, catalog);
  if (!opened.ok) return refuse("This session is no longer there.");
  if (presentOf(opened.value).length === 0)
    return refuse("Nobody takes part in this session: add somebody first.");
  const [warmUps, ready] = await Promise.all([
    warmUpsOf(opened.value, catalog),
    readyOf(opened.value, catalog),
  ]);
  const members = warmUps.map(({ member, request, plan }) => ({ athlete: member.athlete, request, plan }));
  const plan = planFloor(opened.value.session, opened.value.gym, members, ready, catalog);
  const startedAt = Date.now();
  const event = newEvent(null, startedAt, { kind: "started", due });
  await addFloorRun(
    { sessionId, plan: JSON.stringify(plan), startedAt, endedAt: null },
    rowOf(sessionId, event),
  );
  void floorHub().look();
  return { kind: "started" };
}

/** What is said of a session before it is started; null: there is none that can be. */
export async function beforeStart(sessionId: string, catalog: Catalog) {
  const opened = await openSession(sessionId, catalog);
  if (!opened.ok) return null;
  const { session, gym } = opened.value;
  const ready = await readyOf(opened.value, catalog);
  return {
    session: { id: session.id, name: session.name, time: session.time },
    names: presentOf(opened.value).map((m) => m.athlete.name),
    readySeconds: ready.seconds,
    due: session.time && session.day === today() ? momentOf(session.day, session.time, gym.timeZone) : null,
  };
}

/** A clock time of a day where a gym is. Milliseconds since 1970. */
function momentOf(day: string, time: string, timeZone: string | null | undefined): number {
  const local = `${day}T${time}:00`;
  return (timeZone ? parseISO(local, { in: tz(timeZone) }) : parseISO(local)).getTime();
}
