import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import type { WarmUpDraft } from "@/core/draft";
import { updateWarmUp } from "@/data/sessions";
import { memoize } from "@/lib/memoize";
import type { SaveOutcome } from "@/lib/save-outcome";
import { draftSchema } from "../schemas/draft";
import { saveIdField } from "../schemas/fields";
import { refuse } from "../schemas/problems";
import { openWarmUp } from "./open-session";

export const saveDraftSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    sessionId: z.string().max(100),
    athleteId: z.string().max(100),
    /** The revision the change was made from. */
    revision: z.number().int().min(0),
    /** What the session gave when the change was made. */
    given: draftSchema(catalog),
    draft: draftSchema(catalog),
    saveId: saveIdField,
  }),
);

/** Stores what was changed for one athlete if it was changed from the revision that is stored now. */
export async function saveDraft(
  { sessionId, athleteId, revision, given, draft, saveId }: z.output<ReturnType<typeof saveDraftSchema>>,
  catalog: Catalog,
): Promise<SaveOutcome<WarmUpDraft>> {
  const current = await openWarmUp(sessionId, athleteId, catalog);
  if (!current.ok && current.error.kind === "missing") return refuse("This warm-up is no longer there.");
  const stored = await updateWarmUp(
    {
      sessionId,
      athleteId,
      draft: JSON.stringify(draft),
      given: JSON.stringify(given),
      updatedAt: Date.now(),
    },
    revision,
    saveId,
  );
  if (stored !== null) return { kind: "saved", revision: stored };
  const now = await openWarmUp(sessionId, athleteId, catalog);
  if (!now.ok) return refuse("The stored warm-up is not readable.");
  return { kind: "changed-elsewhere", revision: now.value.member.revision, draft: now.value.member.draft };
}
