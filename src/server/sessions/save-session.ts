import { format, parseISO } from "date-fns";
import { z } from "zod";
import type { Session } from "@/core/session";
import { readGym } from "@/data/gyms";
import {
  addSessions,
  deleteSession,
  deleteWarmUp,
  type NewSession,
  readSession,
  readWarmUps,
  updateSession,
} from "@/data/sessions";
import { keepUndoable } from "@/data/undoables";
import type { SaveOutcome } from "@/lib/save-outcome";
import { firstProblem } from "../schemas/draft";
import { dayField, sessionRow, sessionSchema, timeField } from "../schemas/session";
import { openSession } from "./open-session";
import { athletesThere } from "./start-session";

const requestSchema = z.strictObject({ revision: z.number().int().min(0), session: sessionSchema });

/** Stores a session that was changed from the revision that is stored now. */
export async function saveSession(request: unknown): Promise<SaveOutcome<Session>> {
  const parsed = requestSchema.safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const { revision, session } = parsed.data;
  if (!(await readGym(session.gymId))) return { kind: "refused", message: "There is no such gym." };
  const isThere = await athletesThere(session.participants.map((p) => p.athleteId));
  const stored = await updateSession(
    session.id,
    revision,
    sessionRow(session),
    session.participants.filter((p) => isThere(p.athleteId)).map((p, place) => ({ ...p, place })),
  );
  if (stored !== null) return { kind: "saved", revision: stored };
  const current = await openSession(session.id);
  if (!current.ok) return { kind: "refused", message: "This session is no longer there." };
  return { kind: "changed-elsewhere", revision: current.value.revision, draft: current.value.session };
}

const moveSchema = z.strictObject({
  id: z.string().max(100),
  revision: z.number().int().min(0),
  day: dayField,
  time: timeField.nullable(),
});

/** Puts a session on another day or time, if nobody has changed it since. */
export async function moveSession(
  request: unknown,
): Promise<{ kind: "saved"; revision: number } | { kind: "refused"; message: string }> {
  const parsed = moveSchema.safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const { id, revision, day, time } = parsed.data;
  const opened = await openSession(id);
  if (!opened.ok) return { kind: "refused", message: "This session is no longer there." };
  const saved = await saveSession({ revision, session: { ...opened.value.session, day, time } });
  if (saved.kind !== "changed-elsewhere") return saved;
  return { kind: "refused", message: "It was changed in another window meanwhile. Look, and move it again." };
}

/** Takes a session out. Returns the word that brings it back, or null if there is none with this id. */
export async function removeSession(id: unknown): Promise<string | null> {
  const row = typeof id === "string" ? await readSession(id) : null;
  if (!row) return null;
  const { session } = row;
  const warmUps = await readWarmUps([session.id]);
  const taken: NewSession = {
    session,
    participants: row.participants.map(({ athleteId, absent }, place) => ({ athleteId, absent, place })),
    warmUps: warmUps.map(({ sessionId: _, ...w }) => w),
  };
  // Kept before it goes, so that nothing is lost if the machine stops in between.
  const token = await keepUndoable(
    "session",
    `${session.name}, ${format(parseISO(session.day), "d MMM yyyy")}`,
    taken,
  );
  await deleteSession(session.id);
  return token;
}

/** Puts a session back that was taken out, with those of its athletes who are still there. */
export async function restoreSession({ session, participants, warmUps }: NewSession): Promise<void> {
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
    },
  ]);
}

/** Forgets what was changed for one athlete of a session: the warm-up is as the session gives it again. */
export async function forgetWarmUp(sessionId: unknown, athleteId: unknown): Promise<void> {
  if (typeof sessionId === "string" && typeof athleteId === "string")
    await deleteWarmUp(sessionId, athleteId);
}
