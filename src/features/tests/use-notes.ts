"use client";

import { useRouter } from "next/navigation";
import { toast } from "@/client/toast";
import { useAsk } from "@/client/use-ask";
import { DEMANDS, type DemandId } from "@/core/demands";
import { newId } from "@/lib/new-id";
import { addLimiterAction } from "@/server/actions/athletes";
import { noteResultAction, noteTrialAction, removeNoteAction } from "@/server/actions/trials";
import type { NotedResult, NotedTrial } from "@/server/trials/open-tests";

/** An outcome that is to be noted. */
export type NewResult = Omit<NotedResult, "id"> & { sessionId: string | null };
/** A trial that is to be noted. */
export type NewTrial = Omit<NotedTrial, "id" | "drillName">;

/** Notes and removes outcomes and trials of an athlete; each says whether it was done, and what went wrong if not. */
export function useNotes(athleteId: string) {
  const router = useRouter();
  const ask = useAsk();
  const said = (outcome: { kind: string; message?: string }, done: () => void): boolean => {
    if (outcome.kind === "refused") {
      void toast(outcome.message ?? "");
      return false;
    }
    router.refresh();
    done();
    return true;
  };
  const noteResult = async (result: NewResult, name: string) =>
    said(
      await ask(noteResultAction, { athleteId, result: { ...result, id: newId() } }),
      () => void toast(`Saved: ${name}`),
    );
  const noteTrial = async (trial: NewTrial, name: string) =>
    said(
      await ask(noteTrialAction, { athleteId, trial: { ...trial, id: newId() } }),
      () => void toast(`Saved: ${name}`),
    );
  const remove = async (id: string, name: string) => {
    const outcome = await ask(removeNoteAction, { athleteId, id });
    if (outcome.kind !== "removed") return said(outcome, () => {});
    const { note } = outcome;
    const undo = async () => {
      const back =
        note.kind === "result"
          ? ask(noteResultAction, { athleteId, result: note.result })
          : ask(noteTrialAction, { athleteId, trial: note.trial });
      said(await back, () => {});
    };
    return said(
      outcome,
      () => void toast(`Deleted: ${name}`, { action: { label: "Undo", onClick: () => void undo() } }),
    );
  };
  const addLimiter = async (demand: DemandId) => {
    const outcome = await ask(addLimiterAction, { athleteId, demand });
    said(outcome, () => void toast(`Limiter: ${DEMANDS[demand].name}`));
  };
  return { noteResult, noteTrial, remove, addLimiter };
}
