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

export const saveSessionAction = action("saveSession", saveSessionSchema, saveSession);
export const moveSessionAction = action("moveSession", moveSessionSchema, moveSession);
export const removeSessionAction = action("removeSession", idField, removeSession);
export const startSessionAction = action("startSession", newSessionSchema, startSession);
export const copySessionAction = action("copySession", copySessionSchema, copySession);
export const repeatSessionAction = action("repeatSession", repeatSessionSchema, repeatSession);
export const changeSeriesAction = action("changeSeries", seriesSchema, changeSeries);
export const removeSeriesAction = action("removeSeries", seriesSchema, removeSeries);
export const keepTemplateAction = action("keepTemplate", keepTemplateSchema, keepTemplate);
export const removeTemplateAction = action("removeTemplate", idField, removeTemplate);
export const saveDraftAction = action("saveDraft", saveDraftSchema, saveDraft);
export const giveLiftAction = action("giveLift", giveLiftSchema, giveLift);
export const setRampSetsAction = action("setRampSets", setRampSetsSchema, setRampSets);
export const shareCardsAction = action("shareCards", cardsSchema, shareCards);
export const stopSharingCardsAction = action("stopSharingCards", cardsSchema, stopSharingCards);

/** Where a warm-up is; what its ids say leads nowhere else. */
const placeOf = ({ sessionId, athleteId }: { sessionId: string; athleteId: string }) =>
  `/session/${encodeURIComponent(sessionId)}/${encodeURIComponent(athleteId)}`;

/** Opens an athlete's warm-up of today, making a session for this one alone where there is none. */
export const startAloneAction = action(
  "startAlone",
  startAloneSchema,
  async (request, catalog): Promise<never> => {
    const started = await startAlone(request, catalog);
    redirect(started ? placeOf(started) : "/");
  },
);

/** Forgets what was changed for one athlete. */
export const forgetWarmUpAction = action(
  "forgetWarmUp",
  forgetWarmUpSchema,
  async (request): Promise<never> => {
    await forgetWarmUp(request);
    redirect(placeOf(request));
  },
);
