import { fail, ok, type Result } from "@/core/result";
import type { AthleteRecord, GymKit, WarmUpDraft } from "@/core/warm-up";
import { listAthletes } from "@/data/athletes";
import { readWarmUp } from "@/data/warm-ups";
import { athleteRecord } from "./athlete-record";
import { gymKit } from "./gym-kit";
import { draftSchema, firstProblem } from "./schemas/draft";

/** What the workbench and the card show of one warm-up. */
export interface OpenWarmUp {
  id: string;
  day: string;
  revision: number;
  draft: WarmUpDraft;
  athlete: AthleteRecord;
  gym: GymKit;
}

/** Reads a stored draft; a sentence says which field of it is wrong. */
export function parseDraft(json: string): Result<WarmUpDraft, string> {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    return fail("The stored warm-up is not readable.");
  }
  const parsed = draftSchema.safeParse(value);
  return parsed.success ? ok(parsed.data) : fail(firstProblem(parsed.error));
}

export type OpenFailure =
  | { kind: "missing" }
  | { kind: "unreadable"; athleteId: string; day: string; message: string };

/** A warm-up with everything it is worked out from. */
export async function openWarmUp(id: string): Promise<Result<OpenWarmUp, OpenFailure>> {
  const row = await readWarmUp(id);
  if (!row) return fail({ kind: "missing" });
  const [athlete, gym] = await Promise.all([athleteRecord(row.athleteId), gymKit(row.gymId)]);
  if (!athlete || !gym) return fail({ kind: "missing" });
  const draft = parseDraft(row.draft);
  if (!draft.ok)
    return fail({ kind: "unreadable", athleteId: row.athleteId, day: row.day, message: draft.error });
  return ok({ id: row.id, day: row.day, revision: row.revision, draft: draft.value, athlete, gym });
}

/** Everyone who can be picked, by group. */
export async function athleteChoices(): Promise<
  { id: string; name: string; group: string; groupId: string }[]
> {
  return listAthletes();
}
