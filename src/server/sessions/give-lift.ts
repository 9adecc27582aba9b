import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { MOST_LIFTS, type WarmUpDraft } from "@/core/draft";
import { withRampSets } from "@/core/session";
import { counted } from "@/core/units";
import { updateWarmUp, type WarmUpRow } from "@/data/sessions";
import { keepUndoable } from "@/data/undoables";
import { memoize } from "@/lib/memoize";
import { liftField, rampSetsField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { type Member, openSession } from "./open-session";

export const giveLiftSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    sessionId: z.string().max(100),
    lift: liftField(catalog),
    athleteIds: z.array(z.string().max(100)).min(1).max(100),
  }),
);

/** What was changed for one athlete, and the revision that it became: it is taken back while that is the newest. */
export type WarmUpBefore = Omit<WarmUpRow, "updatedAt">;

/** Gives a lift of the session also to those who have lifts of their own in it: it comes after theirs. */
export async function giveLift(
  { sessionId, lift, athleteIds }: z.output<ReturnType<typeof giveLiftSchema>>,
  catalog: Catalog,
): Promise<{ kind: "given"; what: string; token: string } | Refused> {
  const opened = await openSession(sessionId, catalog);
  if (!opened.ok) return refuse("This session is no longer there.");
  const before: WarmUpBefore[] = [];
  for (const member of opened.value.members) {
    const { athlete, given, draft } = member;
    const added = given.lifts.find((l) => l.lift === lift);
    const hasRoom = draft.lifts.length < MOST_LIFTS && !draft.lifts.some((l) => l.lift === lift);
    if (!athleteIds.includes(athlete.id) || !added || !hasRoom) continue;
    const lifts = [...draft.lifts, { ...added, pairedWithNext: false }];
    const kept = await storeDraft(sessionId, member, { ...draft, lifts });
    if (kept) before.push(kept);
  }
  if (before.length === 0) return refuse(`They have ${MOST_LIFTS} lifts already, or were edited meanwhile.`);
  const what = `A lift more for ${counted(before.length, "athlete")}`;
  return { kind: "given", what, token: await keepUndoable("warm-ups", what, before) };
}

export const setRampSetsSchema = z.strictObject({
  sessionId: z.string().max(100),
  sets: z
    .array(z.strictObject({ athleteId: z.string().max(100), rampSets: rampSetsField }))
    .min(1)
    .max(100),
});

/** Gives the first ramps of some of a session another number of sets, for this session only. */
export async function setRampSets(
  { sessionId, sets }: z.output<typeof setRampSetsSchema>,
  catalog: Catalog,
): Promise<{ kind: "given"; what: string; token: string } | Refused> {
  const opened = await openSession(sessionId, catalog);
  if (!opened.ok) return refuse("This session is no longer there.");
  const before: WarmUpBefore[] = [];
  for (const member of opened.value.members) {
    const wanted = sets.find((s) => s.athleteId === member.athlete.id);
    const kept = wanted && (await storeDraft(sessionId, member, withRampSets(member.draft, wanted.rampSets)));
    if (kept) before.push(kept);
  }
  if (before.length === 0) return refuse("They were edited meanwhile. Look, and try again.");
  const what = `Another number of ramp sets for ${counted(before.length, "athlete")}`;
  return { kind: "given", what, token: await keepUndoable("warm-ups", what, before) };
}

/** Stores a member's draft as changed from what is stored. Returns what it takes to take that back; null: it was changed meanwhile. */
async function storeDraft(
  sessionId: string,
  { athlete, given, draft: before, revision }: Member,
  draft: WarmUpDraft,
): Promise<WarmUpBefore | null> {
  const at = { sessionId, athleteId: athlete.id, given: JSON.stringify(given) };
  const stored = await updateWarmUp({ ...at, draft: JSON.stringify(draft), updatedAt: Date.now() }, revision);
  return stored === null ? null : { ...at, draft: JSON.stringify(before), revision: stored };
}

/** Takes such a change back. Returns whose stays, since it has been changed in the meantime. */
export async function restoreWarmUps(before: readonly WarmUpBefore[]): Promise<string[]> {
  const stays: string[] = [];
  for (const { revision, ...row } of before) {
    const stored = await updateWarmUp({ ...row, updatedAt: Date.now() }, revision);
    if (stored === null) stays.push(row.athleteId);
  }
  return stays;
}
