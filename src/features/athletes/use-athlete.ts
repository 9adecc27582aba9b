"use client";

import { useCallback } from "react";
import { getData, useStamp } from "@/client/data";
import type { Stored } from "@/client/draft-saver";
import { useSavedDraft } from "@/client/use-saved-draft";
import { saveAthleteAction } from "@/server/actions/athletes";
import type { AthleteDraft } from "@/server/schemas/athlete";

/** An athlete as stored, changed and saved at once; see `useSavedDraft`. */
export function useAthlete({ revision, draft }: Stored<AthleteDraft>) {
  const { id } = draft;
  const store = useCallback(
    (of: number, athlete: AthleteDraft, saveId: string) =>
      saveAthleteAction({ revision: of, athlete, saveId }),
    [],
  );
  const load = useCallback(() => getData<Stored<AthleteDraft>>(`athletes/${id}`), [id]);
  const stamp = useStamp<{ revision: number }>("athlete", id);
  const saved = useSavedDraft({ revision, draft }, store, load, `athlete ${id}`, stamp?.revision, {
    kind: "athlete",
    requestOf: (of, athlete, saveId) => ({ revision: of, athlete, saveId }),
  });
  const { change, controls } = saved;
  const set = (to: Partial<AthleteDraft>) => change((a) => ({ ...a, ...to }));
  return { athlete: saved.draft, set, controls };
}
