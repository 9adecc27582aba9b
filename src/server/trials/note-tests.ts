import type { z } from "zod";
import { findSessionOf } from "@/data/sessions";
import { addTestResult, addTrial, removeNoted } from "@/data/trials";
import { type Refused, refuse } from "../schemas/problems";
import type { noteResultSchema, noteTrialSchema, removeNotedSchema } from "../schemas/trials";
import { today } from "../sessions/day";

const GONE = "This athlete is no longer there.";

const isAhead = (day: string) => day > today();
const AHEAD = "day: That is a day to come. Give today or an earlier day.";

/** Stores the outcome of a test. */
export async function noteResult({
  athleteId,
  result,
}: z.output<typeof noteResultSchema>): Promise<{ kind: "noted" } | Refused> {
  if (isAhead(result.day)) return refuse(AHEAD);
  // A test on the day of a session is that session's, unless it says otherwise.
  const sessionId = result.sessionId ?? (await findSessionOf(athleteId, result.day));
  const stored = await addTestResult({ ...result, sessionId, athleteId, at: Date.now() });
  return stored ? { kind: "noted" } : refuse(GONE);
}

/** Stores a trial: a test, one drill, and the test again. */
export async function noteTrial({
  athleteId,
  trial,
}: z.output<ReturnType<typeof noteTrialSchema>>): Promise<{ kind: "noted" } | Refused> {
  if (isAhead(trial.day)) return refuse(AHEAD);
  const stored = await addTrial({ ...trial, athleteId, at: Date.now() });
  return stored ? { kind: "noted" } : refuse(GONE);
}

/** What was removed, as it is noted again to take that back. */
export type RemovedNote =
  | { kind: "result"; result: z.input<typeof noteResultSchema>["result"] }
  | { kind: "trial"; trial: z.input<ReturnType<typeof noteTrialSchema>>["trial"] };

/** Removes the outcome of a test, or a trial. */
export async function removeNote({
  athleteId,
  id,
}: z.output<typeof removeNotedSchema>): Promise<{ kind: "removed"; note: RemovedNote } | Refused> {
  const gone = await removeNoted(athleteId, id);
  if (!gone) return refuse("This is no longer there.");
  const { athleteId: _, at: __, ...row } = gone.row;
  return { kind: "removed", note: { kind: gone.kind, [gone.kind]: row } as unknown as RemovedNote };
}
