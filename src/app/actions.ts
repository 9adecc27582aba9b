"use server";

import { redirect } from "next/navigation";
import { addAthletesFromList, changeSeveral, openAthlete, saveAthlete } from "@/server/athletes";
import { takeFirstSteps } from "@/server/first-steps";
import { openGymKit } from "@/server/gym-kit";
import { importAthletes, previewImport, undoAthleteImport } from "@/server/import-athletes";
import { openWarmUp } from "@/server/open-workbench";
import { saveDraft } from "@/server/save-draft";
import { saveGym, weightsNotHere } from "@/server/save-gym";
import { restartWarmUp, startWarmUp } from "@/server/start-warm-up";

export async function saveAthleteAction(request: unknown) {
  return saveAthlete(request);
}

export async function previewImportAction(request: unknown) {
  return previewImport(request);
}

export async function importAthletesAction(request: unknown) {
  return importAthletes(request);
}

export async function undoImportAction(request: unknown) {
  return undoAthleteImport(request);
}

/** An athlete as stored now. */
export async function storedAthleteAction(id: string) {
  return openAthlete(String(id));
}

/** A gym as stored now. */
export async function storedGymAction(id: string) {
  const opened = await openGymKit(String(id));
  return opened && { revision: opened.revision, draft: opened.gym };
}

/** A warm-up's draft as stored now. */
export async function storedDraftAction(id: string) {
  const opened = await openWarmUp(String(id));
  return opened.ok ? { revision: opened.value.revision, draft: opened.value.draft } : null;
}

export async function addAthletesAction(request: unknown) {
  return addAthletesFromList(request);
}

export async function changeSeveralAction(request: unknown) {
  return changeSeveral(request);
}

export async function saveGymAction(request: unknown) {
  return saveGym(request);
}

/** Whose working weight of today the gym no longer makes. */
export async function weightsNotHereAction() {
  return weightsNotHere();
}

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
