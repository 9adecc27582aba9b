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

export const setRampSetsSchema = z.strictObject({
  sessionId: z.string().max(100),
  sets: z
    .array(z.strictObject({ athleteId: z.string().max(100), rampSets: rampSetsField }))
    .min(1)
    .max(100),
});

type Changed = { kind: "changed"; what: string; token: string } | Refused;

/**
 * Changes what is planned for some of a session, for this session only.
 *
 * @param change the draft of a member as it is to be; null: it stays.
 * @param what was done, before how many athletes it was done for.
 * @param refusal why nothing can have been changed.
 */
async function changeDrafts(
  sessionId: string,
  catalog: Catalog,
  change: (member: Member) => WarmUpDraft | null,
  { what, refusal }: { what: string; refusal: string },
): Promise<Changed> {
  const opened = await openSession(sessionId, catalog);
  if (!opened.ok) return refuse("This session is no longer there.");
  const before: WarmUpBefore[] = [];
  for (const member of opened.value.members) {
    const { athlete, given, draft, revision } = member;
    const to = change(member);
    if (!to) continue;
    const at = { sessionId, athleteId: athlete.id, given: JSON.stringify(given) };
    const stored = await updateWarmUp({ ...at, draft: JSON.stringify(to), updatedAt: Date.now() }, revision);
    if (stored !== null) before.push({ ...at, draft: JSON.stringify(draft), revision: stored });
  }
  if (before.length === 0) return refuse(refusal);
  const said = `${what} for ${counted(before.length, "athlete")}`;
  return { kind: "changed", what: said, token: await keepUndoable("warm-ups", said, before) };
}

/** Gives a lift of the session also to those who have lifts of their own in it: it comes after theirs. */
export async function giveLift(
  { sessionId, lift, athleteIds }: z.output<ReturnType<typeof giveLiftSchema>>,
  catalog: Catalog,
): Promise<Changed> {
  const withLift = ({ athlete, given, draft }: Member) => {
    const added = given.lifts.find((l) => l.lift === lift);
    const hasRoom = draft.lifts.length < MOST_LIFTS && !draft.lifts.some((l) => l.lift === lift);
    if (!athleteIds.includes(athlete.id) || !added || !hasRoom) return null;
    return { ...draft, lifts: [...draft.lifts, { ...added, pairedWithNext: false }] };
  };
  return changeDrafts(sessionId, catalog, withLift, {
    what: "A lift more",
    refusal: `They have ${MOST_LIFTS} lifts already, or were edited meanwhile.`,
  });
}

/** Gives the first ramps of some of a session another number of sets. */
export async function setRampSets(
  { sessionId, sets }: z.output<typeof setRampSetsSchema>,
  catalog: Catalog,
): Promise<Changed> {
  const withSets = ({ athlete, draft }: Member) => {
    const wanted = sets.find((s) => s.athleteId === athlete.id);
    return wanted ? withRampSets(draft, wanted.rampSets) : null;
  };
  return changeDrafts(sessionId, catalog, withSets, {
    what: "Another number of ramp sets",
    refusal: "They were edited meanwhile. Look, and try again.",
  });
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
