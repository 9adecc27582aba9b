"use client";

import { useCallback } from "react";
import { getData, useStamp } from "@/client/data";
import type { Stored } from "@/client/draft-saver";
import { useSavedDraft } from "@/client/use-saved-draft";
import { applySessionEdit, type Session, type SessionEdit } from "@/core/session";
import { saveSessionAction } from "@/server/actions/sessions";
import type { SessionStamp } from "@/server/sessions/session-stamp";

/** A session, changed by edits; see `useSavedDraft`. */
export function useSession(opened: { revision: number; session: Session }) {
  const { id } = opened.session;
  const store = useCallback(
    (revision: number, session: Session, saveId: string) => saveSessionAction({ revision, session, saveId }),
    [],
  );
  const load = useCallback(() => getData<Stored<Session>>(`sessions/${id}`), [id]);
  const stamp = useStamp<SessionStamp>("session", id);
  const { change, ...saved } = useSavedDraft(
    { revision: opened.revision, draft: opened.session },
    store,
    load,
    `session ${id}`,
    stamp?.session,
    { kind: "session", requestOf: (revision, session, saveId) => ({ revision, session, saveId }) },
  );
  const edit = useCallback((by: SessionEdit) => change((session) => applySessionEdit(session, by)), [change]);
  return { ...saved, edit };
}
