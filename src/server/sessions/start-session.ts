import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { startDraft } from "@/core/draft";
import { MOST_NEW_SESSIONS, NOTHING_SAID, type Session, USUAL_RACKS } from "@/core/session";
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
import { memoize } from "@/lib/memoize";
import { athleteRecords } from "../athletes/athlete-record";
import { gymKit } from "../gyms/gym-kit";
import { parseJson } from "../parse-json";
import { approachField, liftField, minutesField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { contentSchema, dayField, type SessionContent, sessionRow, timeField } from "../schemas/session";
import { today } from "./day";
import { parseSession } from "./open-session";

/** Which of some athletes there are. */
export async function athletesThere(ids: readonly string[]): Promise<(id: string) => boolean> {
  if (ids.length === 0) return () => false;
  const recordOf = await athleteRecords(ids, today());
  return (id) => recordOf(id) !== null;
}

export const newSessionSchema = memoize((catalog: Catalog) =>
  z.strictObject({
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
  }),
);
export type NewSessionForm = z.input<ReturnType<typeof newSessionSchema>>;

export type StartOutcome = { kind: "started"; id: string } | Refused;

/** What a template or an earlier session says of a new one; null if it is not there or cannot be read. */
async function contentFrom(
  from: { kind: "template" | "session"; id: string },
  catalog: Catalog,
): Promise<SessionContent | null> {
  const stored =
    from.kind === "template" ? await readTemplate(from.id) : (await readSession(from.id))?.session;
  return stored ? parseContent(stored.content, catalog) : null;
}

/** Makes a session for a group or for single athletes. */
export async function startSession(
  form: z.output<ReturnType<typeof newSessionSchema>>,
  catalog: Catalog,
): Promise<StartOutcome> {
  const { day, time, minutes, approach, lifts, groupId, athleteIds, gymId, from } = form;
  const [group, gym, base] = await Promise.all([
    groupId === null ? null : readGroup(groupId),
    readGym(gymId ?? undefined),
    from && contentFrom(from, catalog),
  ]);
  if (groupId !== null && !group) return refuse("There is no such group.");
  if (!gym) return refuse("There is no such gym. Make one first.");
  const wanted = [...new Set([...(group?.members ?? []), ...athleteIds])];
  const isThere = await athletesThere(wanted);
  const people = wanted.filter(isThere);
  if (people.length === 0) return refuse("Choose an athlete, or a group that has athletes.");
  // What the form says of a lift that the earlier session had too is as it was there.
  const liftOf = (lift: string) =>
    base?.lifts.find((l) => l.lift === lift) ?? { lift, scheme: null, pairedWithNext: false };
  const content: SessionContent = {
    room: "normal",
    together: people.length > 1,
    ...NOTHING_SAID,
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

export function newSession(
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

export const startAloneSchema = z.strictObject({
  athleteId: z.string().max(100),
  day: dayField.optional(),
});

/**
 * The session in which an athlete has a warm-up on a day; where there is none yet, one is made for this athlete alone
 * with the lift that was lifted last. Null if there is no such athlete or no gym.
 */
export async function startAlone(
  { athleteId, day = today() }: z.output<typeof startAloneSchema>,
  catalog: Catalog,
): Promise<{ sessionId: string; athleteId: string } | null> {
  const there = await findSessionOf(athleteId, day);
  if (there) return { sessionId: there, athleteId };
  const [recordOf, gym] = await Promise.all([athleteRecords([athleteId], today()), gymKit()]);
  const athlete = recordOf(athleteId)?.athlete;
  if (!athlete || !gym) return null;
  const draft = startDraft(athlete, gym, catalog);
  const form: NewSessionForm = {
    day,
    time: null,
    minutes: draft.minutes,
    approach: draft.approach,
    lifts: draft.lifts.map((l) => l.lift),
    groupId: null,
    athleteIds: [athleteId],
    gymId: gym.id,
    from: null,
  };
  const started = await startSession(form, catalog);
  return started.kind === "started" ? { sessionId: started.id, athleteId } : null;
}

export const copySessionSchema = z.strictObject({
  id: z.string().max(100),
  /** The days to copy it to. */
  days: z
    .array(dayField)
    .min(1, "Choose a day.")
    .max(MOST_NEW_SESSIONS, `Copy to at most ${MOST_NEW_SESSIONS} days.`),
});

/**
 * Copies a session to other days with its people and what is changed for single ones; who was absent is expected
 * again, and what was done stays behind.
 */
export async function copySession(
  { id, days }: z.output<typeof copySessionSchema>,
  catalog: Catalog,
): Promise<{ kind: "copied"; ids: string[] } | Refused> {
  const row = await readSession(id);
  const session = row && parseSession(row, catalog);
  if (!session) return refuse("This session is no longer there.");
  if (!session.ok) return refuse(session.error);
  const warmUps = (await readWarmUps([id])).map(({ sessionId: _, ...w }) => ({
    ...w,
    draft: withoutProgress(w.draft),
  }));
  const people = session.value.participants.map((p) => p.athleteId);
  const copies = [...new Set(days)].map((day) =>
    newSession({ ...session.value, series: null, id: crypto.randomUUID(), day }, people, warmUps),
  );
  await addSessions(copies);
  return { kind: "copied", ids: copies.map((c) => c.session.id) };
}

/** A stored draft without what was done of it; what cannot be read stays as it is. */
export function withoutProgress(json: string): string {
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
function parseContent(json: string, catalog: Catalog): SessionContent | null {
  const parsed = contentSchema(catalog).safeParse(parseJson(json));
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
export async function newSessionChoices(catalog: Catalog) {
  const [athletes, gyms, groups, templates] = await Promise.all([
    listAthletes(),
    listGyms(),
    listGroups(),
    listTemplates(),
  ]);
  const last = await Promise.all(groups.map((g) => readLastOfGroup(g.id)));
  return {
    athletes: athletes.map(({ id, name, group, groupId }) => ({ id, name, group, groupId })),
    gyms: gyms.map(({ id, name }) => ({ id, name })),
    groups: groups.map(({ id, name }, i) => {
      const row = last[i];
      const content = row && parseContent(row.content, catalog);
      return {
        id,
        name,
        people: athletes.filter((a) => a.groupId === id).length,
        last: content ? { id: row.id, ...precedentOf(content, row.time, row.gymId) } : null,
      };
    }),
    templates: templates.flatMap(({ id, name, content: json }) => {
      const content = parseContent(json, catalog);
      return content ? [{ id, name, ...precedentOf(content, null, null) }] : [];
    }),
  };
}
export type NewSessionChoices = Awaited<ReturnType<typeof newSessionChoices>>;

export const keepTemplateSchema = z.strictObject({
  sessionId: z.string().max(100),
  name: z.string().trim().min(1, "Type a name for the template.").max(80, "Use at most 80 characters."),
});

/** Keeps what a session is besides day, time and people as a template. */
export async function keepTemplate({
  sessionId,
  name,
}: z.output<typeof keepTemplateSchema>): Promise<{ kind: "kept" } | Refused> {
  const row = await readSession(sessionId);
  if (!row) return refuse("This session is no longer there.");
  const content = parseJson(row.session.content);
  // Sub-groups are people, and a template is for any.
  const kept =
    typeof content === "object" ? JSON.stringify({ ...content, subGroups: [] }) : row.session.content;
  await putTemplate({ id: crypto.randomUUID(), name, content: kept });
  return { kind: "kept" };
}

/** Deletes a template, with the token that restores it. */
export async function removeTemplate(
  id: string,
): Promise<{ kind: "removed"; name: string; token: string } | Refused> {
  const row = await readTemplate(id);
  if (!row) return refuse("This template is no longer there.");
  const token = await keepUndoable("template", row.name, row);
  await deleteTemplate(row.id);
  return { kind: "removed", name: row.name, token };
}
