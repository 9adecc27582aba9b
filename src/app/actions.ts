"use server";

import { redirect } from "next/navigation";
import { addAthletesFromList, changeSeveral, openAthlete, saveAthlete } from "@/server/athletes/athletes";
import { importAthletes, previewImport } from "@/server/athletes/import-athletes";
import { closeCards, openCards } from "@/server/cards/card-addresses";
import { restore } from "@/server/files/restore";
import { addGymLike, removeGym } from "@/server/gyms/add-gym";
import { openGymKit } from "@/server/gyms/gym-kit";
import { saveGym, weightsNotHere } from "@/server/gyms/save-gym";
import { copyContent, openCustomContent, saveCustomContent } from "@/server/library/custom-content";
import { placesToGo } from "@/server/palette/places-to-go";
import { openSession, openWarmUp } from "@/server/sessions/open-session";
import { saveDraft } from "@/server/sessions/save-draft";
import { forgetWarmUp, moveSession, removeSession, saveSession } from "@/server/sessions/save-session";
import { sessionStamp } from "@/server/sessions/session-stamp";
import {
  copySession,
  keepTemplate,
  newSessionChoices,
  removeTemplate,
  startAlone,
  startSession,
} from "@/server/sessions/start-session";
import { takeFirstSteps } from "@/server/setup/first-steps";

export async function saveAthleteAction(request: unknown) {
  return saveAthlete(request);
}

export async function previewImportAction(request: unknown) {
  return previewImport(request);
}

export async function importAthletesAction(request: unknown) {
  return importAthletes(request);
}

/** Brings back what was taken out, or undoes what was taken in. False: it is too long ago. */
export async function restoreAction(token: unknown) {
  return restore(token);
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

/** A session as stored now. */
export async function storedSessionAction(id: string) {
  const opened = await openSession(String(id));
  return opened.ok ? { revision: opened.value.revision, draft: opened.value.session } : null;
}

/** One athlete's draft as stored now. */
export async function storedDraftAction(sessionId: string, athleteId: string) {
  const opened = await openWarmUp(String(sessionId), String(athleteId));
  return opened.ok ? { revision: opened.value.member.revision, draft: opened.value.member.draft } : null;
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

/** Whose working weight the gym no longer makes. */
export async function weightsNotHereAction() {
  return weightsNotHere();
}

export async function saveDraftAction(request: unknown) {
  return saveDraft(request);
}

export async function saveSessionAction(request: unknown) {
  return saveSession(request);
}

export async function newSessionChoicesAction() {
  return newSessionChoices();
}

export async function startSessionAction(request: unknown) {
  return startSession(request);
}

export async function copySessionAction(request: unknown) {
  return copySession(request);
}

export async function removeSessionAction(id: unknown) {
  return removeSession(id);
}

export async function keepTemplateAction(request: unknown) {
  return keepTemplate(request);
}

export async function removeTemplateAction(id: unknown) {
  return removeTemplate(id);
}

/** Opens an athlete's warm-up of today, making a session for this one alone where there is none. */
export async function startAloneAction(request: unknown) {
  const started = await startAlone(request);
  redirect(started ? `/session/${started.sessionId}/${started.athleteId}` : "/");
}

/** Forgets what was changed for one athlete. */
export async function forgetWarmUpAction(sessionId: string, athleteId: string) {
  await forgetWarmUp(sessionId, athleteId);
  redirect(`/session/${sessionId}/${athleteId}`);
}

export async function firstStepsAction(form: unknown) {
  const outcome = await takeFirstSteps(form);
  if (outcome.kind === "started") {
    const { sessionId, athleteId } = outcome;
    redirect(athleteId === null ? `/session/${sessionId}` : `/session/${sessionId}/${athleteId}`);
  }
  return outcome;
}

export async function moveSessionAction(request: unknown) {
  return moveSession(request);
}

export async function openCardsAction(request: unknown) {
  await openCards(request);
}

export async function closeCardsAction(request: unknown) {
  await closeCards(request);
}

export async function addGymAction(request: unknown) {
  return addGymLike(request);
}

export async function removeGymAction(id: unknown) {
  return removeGym(id);
}

export async function placesToGoAction() {
  return placesToGo();
}

export async function copyContentAction(request: unknown) {
  return copyContent(request);
}

export async function saveCustomContentAction(request: unknown) {
  return saveCustomContent(request);
}

/** An own drill, lift or approach as stored now. */
export async function storedCustomContentAction(id: string) {
  return openCustomContent(String(id));
}

/** How often everything that a session's pages show has been changed. */
export async function sessionStampAction(id: unknown) {
  return sessionStamp(id);
}
