"use client";

import { useCallback, useMemo } from "react";
import { saveSessionAction, storedSessionAction } from "@/app/actions";
import { useSavedDraft } from "@/client/use-saved-draft";
import { applySessionEdit, type Session, type SessionEdit } from "@/core/session";

/** A session, changed by edits; see `useSavedDraft`. */
export function useSession(opened: { revision: number; session: Session }) {
  const { id } = opened.session;
  const store = useCallback(
    (revision: number, session: Session) => saveSessionAction({ revision, session }),
    [],
  );
  const load = useCallback(() => storedSessionAction(id), [id]);
  const saved = useSavedDraft(
    { revision: opened.revision, draft: opened.session },
    store,
    load,
    `session ${id}`,
  );
  const { change } = saved;
  const edit = useCallback((by: SessionEdit) => change((session) => applySessionEdit(session, by)), [change]);
  return useMemo(() => ({ ...saved, edit }), [saved, edit]);
}
