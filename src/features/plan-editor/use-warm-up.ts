"use client";

import { useCallback, useMemo, useRef } from "react";
import { saveDraftAction, storedDraftAction } from "@/app/actions";
import { useSavedDraft } from "@/client/use-saved-draft";
import { applyEdit, type WarmUpDraft, type WarmUpEdit } from "@/core/draft";

/**
 * The draft of one athlete's warm-up in a session, changed by edits; see `useSavedDraft`.
 *
 * @param given what the session gives this athlete; kept with each change, so that what was not changed follows the
 *   session later on.
 */
export function useWarmUp(
  opened: { sessionId: string; athleteId: string; revision: number; draft: WarmUpDraft },
  given: WarmUpDraft,
) {
  const { sessionId, athleteId } = opened;
  const givenNow = useRef(given);
  givenNow.current = given;
  const store = useCallback(
    (revision: number, draft: WarmUpDraft) =>
      saveDraftAction({ sessionId, athleteId, revision, given: givenNow.current, draft }),
    [sessionId, athleteId],
  );
  const load = useCallback(() => storedDraftAction(sessionId, athleteId), [sessionId, athleteId]);
  const saved = useSavedDraft(opened, store, load, `warm-up ${sessionId} ${athleteId}`);
  const { change, tryOut: show } = saved;
  const edit = useCallback((by: WarmUpEdit) => change((draft) => applyEdit(draft, by)), [change]);
  const tryOut = useCallback(
    (by: WarmUpEdit | null) => show(by && ((draft) => applyEdit(draft, by))),
    [show],
  );
  return useMemo(() => ({ ...saved, edit, tryOut }), [saved, edit, tryOut]);
}
