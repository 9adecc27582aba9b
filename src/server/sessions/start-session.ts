import { z } from "zod";
import { catalog } from "@/catalog";
import { startDraft } from "@/core/draft";
import { type Session, USUAL_RACKS } from "@/core/session";
import { listAthletes, listGroups, readGroup } from "@/data/athletes";
import { listGyms, readGym } from "@/data/gyms";
import {
  addSessions,
  findSessionOf,
  type NewSession,
  readLastOfGroup,
  readSession,
  readWarmUps,
} from "@/data/sessions";
import { deleteTemplate, listTemplates, putTemplate, readTemplate } from "@/data/templates";
import { keepUndoable } from "@/data/undoables";
import { athleteRecords } from "../athletes/athlete-record";
import { gymKit } from "../gyms/gym-kit";
import { firstProblem } from "../schemas/draft";
import { approachField, liftField, minutesField } from "../schemas/fields";
import { contentSchema, dayField, type SessionContent, sessionRow, timeField } from "../schemas/session";
import { today } from "./day";
import { parseJson, parseSession } from "./open-session";

/** Which of some athletes there are. */
export async function athletesThere(ids: readonly string[]): Promise<(id: string) => boolean> {
  if (ids.length === 0) return () => false;
  const recordOf = await athleteRecords(ids, today());
  return (id) => recordOf(id) !== null;
}

const newSessionSchema = z.strictObject({
  day: dayField,
  time: timeField.nullable(),
  minutes: minutesField,
  approach: approachField(catalog),
  lifts: z.array(liftField(catalog)).min(1, "Choose a lift.").max(6),
  groupId: z.string().max(100).nullable(),
  athleteIds: z.array(z.string().max(100)).max(80),
  gymId: z.string().max(100).nullable(),
  /** A template or an earlier session that says everything else. */
  from: z.strictObject({ kind: z.enum(["template", "session"]), id: z.string().max(100) }).nullable(),
});
export type NewSessionForm = z.input<typeof newSessionSchema>;

export type StartOutcome = { kind: "started"; id: string } | { kind: "refused"; message: string };

/** What a template or an earlier session says of a new one; null if it is not there or cannot be read. */
async function contentFrom(from: {
  kind: "template" | "session";
  id: string;
}): Promise<SessionContent | null> {
  const stored =
    from.kind === "template" ? await readTemplate(from.id) : (await readSession(from.id))?.session;
  return stored ? parseContent(stored.content) : null;
}

/** Makes a session for a group or for single athletes. */
export async function startSession(request: unknown): Promise<StartOutcome> {
  const parsed = newSessionSchema.safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const { day, time, minutes, approach, lifts, groupId, athleteIds, gymId, from } = parsed.data;
  const [group, gym, base] = await Promise.all([
    groupId === null ? null : readGroup(groupId),
    readGym(gymId ?? undefined),
    from && contentFrom(from),
  ]);
  if (groupId !== null && !group) return { kind: "refused", message: "There is no such group." };
  if (!gym) return { kind: "refused", message: "There is no such gym. Make one first." };
  const wanted = [...new Set([...(group?.members ?? []), ...athleteIds])];
  const isThere = await athletesThere(wanted);
  const people = wanted.filter(isThere);
  if (people.length === 0)
    return { kind: "refused", message: "Choose a group with somebody in it, or an athlete." };
  // What the form says of a lift that the earlier session had too is as it was there.
  const liftOf = (lift: string) =>
    base?.lifts.find((l) => l.lift === lift) ?? { lift, scheme: null, pairedWithNext: false };
  const content: SessionContent = {
    room: "normal",
    together: people.length > 1,
    own: [],
    dropped: [],
    racks: USUAL_RACKS,
    ...base,
    minutes,
    approach,
    lifts: lifts.map(liftOf).map((l, i, all) => (i === all.length - 1 ? { ...l, pairedWithNext: false } : l)),
  };
  const [only] = people;
  const name =
    group?.name ??
    (people.length === 1
      ? (await athleteRecords([only!], today()))(only!)!.athlete.name
      : `${people.length} athletes`);
  const id = crypto.randomUUID();
  await addSessions([newSession({ id, name, day, time, gymId: gym.id, groupId, ...content }, people)]);
  return { kind: "started", id };
}

function newSession(
  session: Omit<Session, "participants">,
  people: readonly string[],
  warmUps: NewSession["warmUps"] = [],
): NewSession {
  return {
    session: sessionRow({ ...session, participants: [] }),
    participants: people.map((athleteId, place) => ({ athleteId, place, absent: false })),
    warmUps,
  };
}

/**
 * The session in which an athlete has a warm-up on a day; where there is none yet, one is made for this athlete alone
 * with the lift that was lifted last. Null if there is no such athlete or no gym.
 */
export async function startAlone(request: unknown): Promise<{ sessionId: string; athleteId: string } | null> {
  const parsed = z
    .strictObject({ athleteId: z.string().max(100), day: dayField.optional() })
    .safeParse(request);
  if (!parsed.success) return null;
  const { athleteId } = parsed.data;
  const day = parsed.data.day ?? today();
  const there = await findSessionOf(athleteId, day);
  if (there) return { sessionId: there, athleteId };
  const [recordOf, gym] = await Promise.all([athleteRecords([athleteId], today()), gymKit()]);
  const athlete = recordOf(athleteId)?.athlete;
  if (!athlete || !gym) return null;
  const draft = startDraft(athlete, gym, catalog);
  const started = await startSession({
    day,
    time: null,
    minutes: draft.minutes,
    approach: draft.approach,
    lifts: draft.lifts.map((l) => l.lift),
    groupId: null,
    athleteIds: [athleteId],
    gymId: gym.id,
    from: null,
  } satisfies NewSessionForm);
  return started.kind === "started" ? { sessionId: started.id, athleteId } : null;
}

const MOST_COPIES = 120;

const copySchema = z.strictObject({
  id: z.string().max(100),
  /** The days to copy it to. */
  days: z.array(dayField).min(1, "Choose a day.").max(MOST_COPIES, `Copy to at most ${MOST_COPIES} days.`),
});

/**
 * Copies a session to other days with its people and what is changed for single ones; who was absent is expected
 * again, and what was done stays behind.
 */
export async function copySession(
  request: unknown,
): Promise<{ kind: "copied"; ids: string[] } | { kind: "refused"; message: string }> {
  const parsed = copySchema.safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const row = await readSession(parsed.data.id);
  const session = row && parseSession(row);
  if (!session) return { kind: "refused", message: "This session is no longer there." };
  if (!session.ok) return { kind: "refused", message: session.error };
  const warmUps = (await readWarmUps([parsed.data.id])).map(({ sessionId: _, ...w }) => ({
    ...w,
    draft: undone(w.draft),
  }));
  const people = session.value.participants.map((p) => p.athleteId);
  const copies = [...new Set(parsed.data.days)].map((day) =>
    newSession({ ...session.value, id: crypto.randomUUID(), day }, people, warmUps),
  );
  await addSessions(copies);
  return { kind: "copied", ids: copies.map((c) => c.session.id) };
}

/** A stored draft without what was done of it; what cannot be read stays as it is. */
function undone(json: string): string {
  try {
    const draft = JSON.parse(json);
    if (!Array.isArray(draft.lifts)) return json;
    const lifts = draft.lifts.map((l: object) => ({ ...l, done: [], secondsLeft: null }));
    return JSON.stringify({ ...draft, lifts, begun: null });
  } catch {
    return json;
  }
}

/** What is stored of a session or template; null where it cannot be read. */
function parseContent(json: string): SessionContent | null {
  const parsed = contentSchema.safeParse(parseJson(json));
  return parsed.success ? parsed.data : null;
}

/** What a new session may be like. */
export interface Precedent {
  lifts: string[];
  minutes: number;
  approach: string;
  time: string | null;
  gymId: string | null;
}

function precedentOf(content: SessionContent, time: string | null, gymId: string | null): Precedent {
  const { lifts, minutes, approach } = content;
  return { lifts: lifts.map((l) => l.lift), minutes, approach, time, gymId };
}

/** What a new session is made from: groups with what each did last, athletes, gyms and templates. */
export async function newSessionChoices() {
  const [athletes, gyms, groups, templates] = await Promise.all([
    listAthletes(),
    listGyms(),
    listGroups(),
    listTemplates(),
  ]);
  const last = await Promise.all(groups.map((g) => readLastOfGroup(g.id)));
  return {
    athletes: athletes.map(({ id, name, group }) => ({ id, name, group })),
    gyms: gyms.map(({ id, name }) => ({ id, name })),
    groups: groups.map(({ id, name }, i) => {
      const row = last[i];
      const content = row && parseContent(row.content);
      return {
        id,
        name,
        people: athletes.filter((a) => a.groupId === id).length,
        last: content ? { id: row.id, ...precedentOf(content, row.time, row.gymId) } : null,
      };
    }),
    templates: templates.flatMap(({ id, name, content: json }) => {
      const content = parseContent(json);
      return content ? [{ id, name, ...precedentOf(content, null, null) }] : [];
    }),
  };
}
export type NewSessionChoices = Awaited<ReturnType<typeof newSessionChoices>>;

/** Keeps what a session is besides day, time and people as a template. */
export async function keepTemplate(
  request: unknown,
): Promise<{ kind: "kept" } | { kind: "refused"; message: string }> {
  const parsed = z
    .strictObject({
      sessionId: z.string().max(100),
      name: z.string().trim().min(1, "Type a name for the template.").max(80, "Use at most 80 characters."),
    })
    .safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const row = await readSession(parsed.data.sessionId);
  if (!row) return { kind: "refused", message: "This session is no longer there." };
  const { content } = row.session;
  await putTemplate({ id: crypto.randomUUID(), name: parsed.data.name, content });
  return { kind: "kept" };
}

export async function removeTemplate(id: unknown): Promise<{ name: string; token: string } | null> {
  const row = typeof id === "string" ? await readTemplate(id) : null;
  if (!row) return null;
  const token = await keepUndoable("template", row.name, row);
  await deleteTemplate(row.id);
  return { name: row.name, token };
}
