import { format, parseISO } from "date-fns";
import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import type { Session } from "@/core/session";
import { listCardAddresses } from "@/data/card-addresses";
import { readGym } from "@/data/gyms";
import {
  addSessions,
  deleteSession,
  deleteWarmUp,
  type NewSession,
  readSession,
  readWarmUps,
  type SessionWithPeople,
  updateSession,
} from "@/data/sessions";
import { keepUndoable } from "@/data/undoables";
import { memoize } from "@/lib/memoize";
import type { SaveOutcome } from "@/lib/save-outcome";
import { saveIdField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { dayField, sessionRow, sessionSchema, timeField } from "../schemas/session";
import { openSession } from "./open-session";
import { athletesThere } from "./start-session";

export const saveSessionSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    revision: z.number().int().min(0),
    session: sessionSchema(catalog),
    saveId: saveIdField,
  }),
);

/** Stores a session that was changed from the revision that is stored now. */
export async function saveSession(
  { revision, session, saveId }: { revision: number; session: Session; saveId?: string },
  catalog: Catalog,
): Promise<SaveOutcome<Session>> {
  if (!(await readGym(session.gymId))) return refuse("There is no such gym.");
  const isThere = await athletesThere(session.participants.map((p) => p.athleteId));
  const stored = await updateSession(
    session.id,
    revision,
    sessionRow(session),
    session.participants.filter((p) => isThere(p.athleteId)).map((p, place) => ({ ...p, place })),
    saveId,
  );
  if (stored !== null) return { kind: "saved", revision: stored };
  const current = await openSession(session.id, catalog);
  if (!current.ok) return refuse("This session is no longer there.");
  return { kind: "changed-elsewhere", revision: current.value.revision, draft: current.value.session };
}

export const moveSessionSchema = z.strictObject({
  id: z.string().max(100),
  revision: z.number().int().min(0),
  day: dayField,
  time: timeField.nullable(),
});

/** Puts a session on another day or time, if nobody has changed it since. */
export async function moveSession(
  { id, revision, day, time }: z.output<typeof moveSessionSchema>,
  catalog: Catalog,
): Promise<{ kind: "saved"; revision: number } | Refused> {
  const opened = await openSession(id, catalog);
  if (!opened.ok) return refuse("This session is no longer there.");
  const saved = await saveSession({ revision, session: { ...opened.value.session, day, time } }, catalog);
  if (saved.kind !== "changed-elsewhere") return saved;
  return refuse("It was edited somewhere else meanwhile. Look, and move it again.");
}

/** Everything stored of a session, as it is restored by. */
export async function keptOf(row: SessionWithPeople): Promise<NewSession> {
  const { session } = row;
  const [warmUps, addresses] = await Promise.all([readWarmUps([session.id]), listCardAddresses(session.id)]);
  return {
    session,
    participants: row.participants.map(({ athleteId, absent }, place) => ({ athleteId, absent, place })),
    warmUps: warmUps.map(({ sessionId: _, ...w }) => w),
    addresses: addresses.map(({ token, athleteId }) => ({ token, athleteId })),
  };
}

/** Deletes a session, with the token that restores it. */
export async function removeSession(id: string): Promise<{ kind: "removed"; token: string } | Refused> {
  const row = await readSession(id);
  if (!row) return refuse("This session is no longer there.");
  const { session } = row;
  const removed = await keptOf(row);
  // Kept before it goes, so that nothing is lost if the machine stops in between.
  const token = await keepUndoable(
    "session",
    `${session.name}, ${format(parseISO(session.day), "d MMM yyyy")}`,
    removed,
  );
  await deleteSession(session.id);
  return { kind: "removed", token };
}

/** Restores a session that was deleted, with those of its athletes who are still there. */
export async function restoreSession(removed: NewSession): Promise<void> {
  const { session, participants, warmUps, addresses = [] } = removed;
  const [isThere, gym, first] = await Promise.all([
    athletesThere(participants.map((p) => p.athleteId)),
    readGym(session.gymId),
    readGym(undefined),
  ]);
  await addSessions([
    {
      session: { ...session, gymId: (gym ?? first)!.id },
      participants: participants.filter((p) => isThere(p.athleteId)),
      warmUps: warmUps.filter((w) => isThere(w.athleteId)),
      addresses: addresses.filter((a) => isThere(a.athleteId)),
    },
  ]);
}

export const forgetWarmUpSchema = z.strictObject({
  sessionId: z.string().max(100),
  athleteId: z.string().max(100),
});

/** Forgets what was changed for one athlete of a session: the warm-up is as the session gives it again. */
export async function forgetWarmUp({
  sessionId,
  athleteId,
}: z.output<typeof forgetWarmUpSchema>): Promise<{ kind: "forgotten" }> {
  await deleteWarmUp(sessionId, athleteId);
  return { kind: "forgotten" };
}
