"use client";

import { useCallback, useMemo, useState } from "react";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { reachedAt } from "@/core/drills";
import { noteReachedAction } from "@/server/actions/athletes";
import type { OpenWarmUp } from "@/server/sessions/open-session";

/** Notes that something has been reached at a drill, or takes that back. */
export type NoteReached = (drill: string, sign: string, isReached: boolean) => void;

/** A warm-up with what is noted of its athlete here; what cannot be stored is taken back and said. */
export function useReached(first: OpenWarmUp): { opened: OpenWarmUp; onReached: NoteReached } {
  const { id } = first.member.athlete;
  const [reached, setReached] = useState(first.member.athlete.reached);
  const onReached = useCallback<NoteReached>(
    async (drill, sign, isReached) => {
      const day = new Date().toISOString().slice(0, 10);
      const note = (is: boolean) =>
        setReached((known) => {
          const others = known.filter((r) => r !== reachedAt({ reached: known }, drill, sign));
          return is ? [...others, { drill, sign, day }] : others;
        });
      note(isReached);
      const said = await answered(noteReachedAction({ athleteId: id, drill, sign, reached: isReached }));
      if (said.kind === "noted") return;
      note(!isReached);
      void toast(said.message);
    },
    [id],
  );
  const opened = useMemo(() => {
    const withNoted = <T extends OpenWarmUp["member"]>(m: T): T =>
      m.athlete.id === id ? { ...m, athlete: { ...m.athlete, reached } } : m;
    return { ...first, member: withNoted(first.member), members: first.members.map(withNoted) };
  }, [first, id, reached]);
  return { opened, onReached };
}
