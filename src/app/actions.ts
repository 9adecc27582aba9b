"use server";

import { redirect } from "next/navigation";
import { takeFirstSteps } from "@/server/first-steps";
import { saveDraft } from "@/server/save-draft";
import { restartWarmUp, startWarmUp } from "@/server/start-warm-up";

export async function saveDraftAction(request: unknown) {
  return saveDraft(request);
}

/** Opens the warm-up of an athlete, making a first one where there is none. */
export async function startWarmUpAction(request: unknown) {
  const id = await startWarmUp(request);
  redirect(id ? `/warm-up/${id}` : "/");
}

export async function restartWarmUpAction(athleteId: string, day: string) {
  const id = await restartWarmUp({ athleteId, day });
  redirect(id ? `/warm-up/${id}` : "/");
}

export async function firstStepsAction(form: unknown) {
  const outcome = await takeFirstSteps(form);
  if (outcome.kind === "started") redirect(`/warm-up/${outcome.warmUpId}`);
  return outcome;
}
