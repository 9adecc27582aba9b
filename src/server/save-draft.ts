import { z } from "zod";
import type { SaveOutcome } from "@/core/result";
import type { WarmUpDraft } from "@/core/warm-up";
import { readWarmUp, updateDraft } from "@/data/warm-ups";
import { parseDraft } from "./open-workbench";
import { draftSchema, firstProblem } from "./schemas/draft";

const requestSchema = z.strictObject({
  id: z.string().max(100),
  /** The revision the change was made from. */
  revision: z.number().int().min(0),
  draft: draftSchema,
});

/** Stores a draft if it was made from the revision that is stored now. */
export async function saveDraft(request: unknown): Promise<SaveOutcome<WarmUpDraft>> {
  const parsed = requestSchema.safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const { id, revision, draft } = parsed.data;
  const stored = await updateDraft(id, revision, JSON.stringify(draft), Date.now());
  if (stored !== null) return { kind: "saved", revision: stored };
  const row = await readWarmUp(id);
  if (!row) return { kind: "refused", message: "This warm-up is no longer there." };
  const current = parseDraft(row.draft);
  if (!current.ok) return { kind: "refused", message: current.error };
  return { kind: "changed-elsewhere", revision: row.revision, draft: current.value };
}
