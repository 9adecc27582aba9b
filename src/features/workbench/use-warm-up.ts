"use client";

import { useCallback, useMemo } from "react";
import { saveDraftAction, storedDraftAction } from "@/app/actions";
import { applyEdit, type WarmUpDraft, type WarmUpEdit } from "@/core/warm-up";
import { useSavedDraft } from "@/ui/use-saved-draft";

/** The draft of one warm-up, changed by edits; see `useSavedDraft`. */
export function useWarmUp(opened: { id: string; revision: number; draft: WarmUpDraft }) {
  const { id } = opened;
  const store = useCallback(
    (revision: number, draft: WarmUpDraft) => saveDraftAction({ id, revision, draft }),
    [id],
  );
  const load = useCallback(() => storedDraftAction(id), [id]);
  const saved = useSavedDraft(opened, store, load);
  const { change, tryOut: show } = saved;
  const edit = useCallback((by: WarmUpEdit) => change((draft) => applyEdit(draft, by)), [change]);
  const tryOut = useCallback(
    (by: WarmUpEdit | null) => show(by && ((draft) => applyEdit(draft, by))),
    [show],
  );
  return useMemo(() => ({ ...saved, edit, tryOut }), [saved, edit, tryOut]);
}

export type WarmUpState = ReturnType<typeof useWarmUp>;
