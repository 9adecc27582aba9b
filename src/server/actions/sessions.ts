"use server";

import { redirect } from "next/navigation";
import { cardsSchema, shareCards, stopSharingCards } from "../cards/card-addresses";
import { idField } from "../schemas/fields";
import { giveLift, giveLiftSchema, setRampSets, setRampSetsSchema } from "../sessions/change-drafts";
import { saveDraft, saveDraftSchema } from "../sessions/save-draft";
import {
  forgetWarmUp,
  forgetWarmUpSchema,
  moveSession,
  moveSessionSchema,
  removeSession,
  saveSession,
  saveSessionSchema,
} from "../sessions/save-session";
import {
  changeSeries,
  removeSeries,
  repeatSession,
  repeatSessionSchema,
  seriesSchema,
} from "../sessions/series";
import {
  copySession,
  copySessionSchema,
  keepTemplate,
  keepTemplateSchema,
  newSessionSchema,
  removeTemplate,
  startAlone,
  startAloneSchema,
  startSession,
} from "../sessions/start-session";
import { action } from "./action";

export const saveSessionAction = action(saveSessionSchema, saveSession);
export const moveSessionAction = action(moveSessionSchema, moveSession);
export const removeSessionAction = action(idField, removeSession);
export const startSessionAction = action(newSessionSchema, startSession);
export const copySessionAction = action(copySessionSchema, copySession);
export const repeatSessionAction = action(repeatSessionSchema, repeatSession);
export const changeSeriesAction = action(seriesSchema, changeSeries);
export const removeSeriesAction = action(seriesSchema, removeSeries);
export const keepTemplateAction = action(keepTemplateSchema, keepTemplate);
export const removeTemplateAction = action(idField, removeTemplate);
export const saveDraftAction = action(saveDraftSchema, saveDraft);
export const giveLiftAction = action(giveLiftSchema, giveLift);
export const setRampSetsAction = action(setRampSetsSchema, setRampSets);
export const shareCardsAction = action(cardsSchema, shareCards);
export const stopSharingCardsAction = action(cardsSchema, stopSharingCards);

/** Where a warm-up is; what its ids say leads nowhere else. */
const placeOf = ({ sessionId, athleteId }: { sessionId: string; athleteId: string }) =>
  `/session/${encodeURIComponent(sessionId)}/${encodeURIComponent(athleteId)}`;

/** Opens an athlete's warm-up of today, making a session for this one alone where there is none. */
export const startAloneAction = action(startAloneSchema, async (request, catalog): Promise<never> => {
  const started = await startAlone(request, catalog);
  redirect(started ? placeOf(started) : "/");
});

/** Forgets what was changed for one athlete. */
export const forgetWarmUpAction = action(forgetWarmUpSchema, async (request): Promise<never> => {
  await forgetWarmUp(request);
  redirect(placeOf(request));
});
