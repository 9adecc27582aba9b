"use client";

import { useCallback, useRef } from "react";
import { getData, useStamp } from "@/client/data";
import type { Stored } from "@/client/draft-saver";
import { useSavedDraft } from "@/client/use-saved-draft";
import { applyEdit, type WarmUpDraft, type WarmUpEdit } from "@/core/draft";
import { saveDraftAction } from "@/server/actions/sessions";
import type { OpenWarmUp } from "@/server/sessions/open-session";
import type { SessionStamp } from "@/server/sessions/session-stamp";

/**
 * The draft of one athlete's warm-up in a session, changed by edits; see `useSavedDraft`. What the session gives this
 * athlete is kept with each change, so that what was not changed follows the session later on.
 */
export function useWarmUp({ session: { id: sessionId }, member }: OpenWarmUp) {
  const { id: athleteId } = member.athlete;
  const given = useRef(member.given);
  given.current = member.given;
  const store = useCallback(
    (revision: number, draft: WarmUpDraft, saveId: string) =>
      saveDraftAction({ sessionId, athleteId, revision, given: given.current, draft, saveId }),
    [sessionId, athleteId],
  );
  const load = useCallback(
    () => getData<Stored<WarmUpDraft>>(`sessions/${sessionId}/${athleteId}`),
    [sessionId, athleteId],
  );
  const stamp = useStamp<SessionStamp>("session", sessionId);
  const {
    draft,
    change,
    tryOut: show,
    controls,
  } = useSavedDraft(
    { revision: member.revision, draft: member.draft },
    store,
    load,
    `warm-up ${sessionId} ${athleteId}`,
    stamp?.people[athleteId]?.warmUp,
    {
      kind: "warm-up",
      requestOf: (revision, warmUp, saveId) => ({
        ...{ sessionId, athleteId, revision, given: given.current, draft: warmUp, saveId },
      }),
    },
  );
  const edit = useCallback((by: WarmUpEdit) => change((d) => applyEdit(d, by)), [change]);
  const tryOut = useCallback((by: WarmUpEdit | null) => show(by && ((d) => applyEdit(d, by))), [show]);
  return { draft, edit, tryOut, controls };
}
