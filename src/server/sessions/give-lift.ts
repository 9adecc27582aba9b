import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { MOST_LIFTS } from "@/core/draft";
import { counted } from "@/core/units";
import { updateWarmUp, type WarmUpRow } from "@/data/sessions";
import { keepUndoable } from "@/data/undoables";
import { memoize } from "@/lib/memoize";
import { liftField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { openSession } from "./open-session";

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
  for (const { athlete, given, draft, revision } of opened.value.members) {
    const added = given.lifts.find((l) => l.lift === lift);
    const hasRoom = draft.lifts.length < MOST_LIFTS && !draft.lifts.some((l) => l.lift === lift);
    if (!athleteIds.includes(athlete.id) || !added || !hasRoom) continue;
    const at = { sessionId, athleteId: athlete.id, given: JSON.stringify(given) };
    const lifts = [...draft.lifts, { ...added, pairedWithNext: false }];
    const row = { ...at, draft: JSON.stringify({ ...draft, lifts }), updatedAt: Date.now() };
    const stored = await updateWarmUp(row, revision);
    if (stored !== null) before.push({ ...at, draft: JSON.stringify(draft), revision: stored });
  }
  if (before.length === 0) return refuse(`They have ${MOST_LIFTS} lifts already, or were edited meanwhile.`);
  const what = `A lift more for ${counted(before.length, "athlete")}`;
  return { kind: "given", what, token: await keepUndoable("warm-ups", what, before) };
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
