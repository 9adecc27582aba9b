import type { Catalog } from "@/core/catalog";
import * as athleteActions from "../actions/athletes";
import * as fileActions from "../actions/files";
import * as gymActions from "../actions/gyms";
import * as libraryActions from "../actions/library";
import * as sessionActions from "../actions/sessions";
import * as addresses from "../cards/card-addresses";
import * as bundles from "../files/bundle";
import * as csv from "../files/export";
import * as reading from "../files/read-bundle";
import * as gyms from "../gyms/save-gym";
import { openCatalog } from "../library/catalog";
import * as plans from "../plans/plan-session";
import * as calendar from "../sessions/list-calendar";
import * as day from "../sessions/list-day";
import * as sessions from "../sessions/open-session";
import * as starting from "../sessions/start-session";
import * as steps from "../setup/first-steps";

/** The use cases that take a catalog last, with the one that is stored when they are called. */
function now<A extends unknown[], R>(useCase: (...args: [...A, Catalog]) => R) {
  return async (...args: A): Promise<Awaited<R>> => await useCase(...args, await openCatalog());
}

export const openSession = now(sessions.openSession);
export const openWarmUp = now(sessions.openWarmUp);
export const parseDraft = now(sessions.parseDraft);
export const listDay = now(day.listDay);
export const newSessionChoices = now(starting.newSessionChoices);
export const startAlone = now(starting.startAlone);
export const listCalendar = now(calendar.listCalendar);
export const warmUpsOf = now(plans.warmUpsOf);
export const warmUpOf = now(plans.warmUpOf);
export const cardOf = now(plans.cardOf);
export const groupPlanOf = now(plans.groupPlanOf);
export const wholePlanOf = now(plans.wholePlanOf);
export const weightsNotHere = now(gyms.weightsNotHere);
export const workingWeightsCsv = now(csv.workingWeightsCsv);
export const readBundle = now(reading.readBundle);
export const compareBundle = now(bundles.compareBundle);
export const importBundle = now(bundles.importBundle);
export const takeFirstSteps = now(steps.takeFirstSteps);
export const openByAddress = now(addresses.openByAddress);

/** An action that may be sent anything, as by a page that is not ours. */
function sent<R>(action: (request: never) => Promise<R>): (request: unknown) => Promise<R> {
  return action as (request: unknown) => Promise<R>;
}

export const repeatSessionAction = sent(sessionActions.repeatSessionAction);
export const changeSeriesAction = sent(sessionActions.changeSeriesAction);
export const removeSeriesAction = sent(sessionActions.removeSeriesAction);
export const setRampSetsAction = sent(sessionActions.setRampSetsAction);
export const giveLiftAction = sent(sessionActions.giveLiftAction);
export const saveAthleteAction = sent(athleteActions.saveAthleteAction);
export const noteReachedAction = sent(athleteActions.noteReachedAction);
export const raiseWeightsAction = sent(athleteActions.raiseWeightsAction);
export const addAthletesAction = sent(athleteActions.addAthletesAction);
export const changeSeveralAction = sent(athleteActions.changeSeveralAction);
export const previewImportAction = sent(athleteActions.previewImportAction);
export const importAthletesAction = sent(athleteActions.importAthletesAction);
export const restoreAction = sent(fileActions.restoreAction);
export const saveGymAction = sent(gymActions.saveGymAction);
export const addGymAction = sent(gymActions.addGymAction);
export const removeGymAction = sent(gymActions.removeGymAction);
export const newContentAction = sent(libraryActions.newContentAction);
export const wishForDrillAction = sent(libraryActions.wishForDrillAction);
export const noteFilmAction = sent(libraryActions.noteFilmAction);
export const copyContentAction = sent(libraryActions.copyContentAction);
export const saveCustomContentAction = sent(libraryActions.saveCustomContentAction);
export const saveSessionAction = sent(sessionActions.saveSessionAction);
export const moveSessionAction = sent(sessionActions.moveSessionAction);
export const removeSessionAction = sent(sessionActions.removeSessionAction);
export const startSessionAction = sent(sessionActions.startSessionAction);
export const copySessionAction = sent(sessionActions.copySessionAction);
export const keepTemplateAction = sent(sessionActions.keepTemplateAction);
export const removeTemplateAction = sent(sessionActions.removeTemplateAction);
export const saveDraftAction = sent(sessionActions.saveDraftAction);
export const shareCardsAction = sent(sessionActions.shareCardsAction);
export const forgetWarmUpAction = sent(sessionActions.forgetWarmUpAction);
export const startAloneAction = sent(sessionActions.startAloneAction);
export const stopSharingCardsAction = sent(sessionActions.stopSharingCardsAction);

/** What it comes to if it is done; a refusal is a fault of the test. */
export async function done<T extends { kind: string }>(
  outcome: Promise<T>,
): Promise<Exclude<T, { kind: "refused" }>> {
  const known = await outcome;
  if (known.kind === "refused") throw new Error((known as unknown as { message: string }).message);
  return known as Exclude<T, { kind: "refused" }>;
}
