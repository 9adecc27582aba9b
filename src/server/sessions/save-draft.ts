import { z } from "zod";
import type { WarmUpDraft } from "@/core/draft";
import { updateWarmUp } from "@/data/sessions";
import type { SaveOutcome } from "@/lib/save-outcome";
import { draftSchema, firstProblem } from "../schemas/draft";
import { openWarmUp } from "./open-session";

const requestSchema = z.strictObject({
  sessionId: z.string().max(100),
  athleteId: z.string().max(100),
  /** The revision the change was made from. */
  revision: z.number().int().min(0),
  /** What the session gave when the change was made. */
  given: draftSchema,
  draft: draftSchema,
});

/** Stores what was changed for one athlete if it was changed from the revision that is stored now. */
export async function saveDraft(request: unknown): Promise<SaveOutcome<WarmUpDraft>> {
  const parsed = requestSchema.safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const { sessionId, athleteId, revision, given, draft } = parsed.data;
  const current = await openWarmUp(sessionId, athleteId);
  if (!current.ok && current.error.kind === "missing")
    return { kind: "refused", message: "This warm-up is no longer there." };
  const stored = await updateWarmUp(
    {
      sessionId,
      athleteId,
      draft: JSON.stringify(draft),
      given: JSON.stringify(given),
      updatedAt: Date.now(),
    },
    revision,
  );
  if (stored !== null) return { kind: "saved", revision: stored };
  const now = await openWarmUp(sessionId, athleteId);
  if (!now.ok) return { kind: "refused", message: "The stored warm-up is not readable." };
  return { kind: "changed-elsewhere", revision: now.value.member.revision, draft: now.value.member.draft };
}
