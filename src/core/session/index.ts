export { arriveBy, clockMinutes, clockTime } from "./arrive-by";
export { dayAfter, type Moment, moveMoment, repeatDays } from "./days";
export { draftInSession } from "./draft-in-session";
export { applySessionEdit, type SessionEdit } from "./edits";
export { formatLoad, parseLoad, stepLoad } from "./load-text";
export { followSession, mergeDraft, type OwnPart, ownParts } from "./merge-draft";
export { groupRequestFor, type MemberDraft, requestInSession } from "./plan-requests";
export { type OneOfGroup, planTogether } from "./plan-together";
export { type RackRequest, rackRequestFor } from "./racks";
export { type MemberReady, type SessionReady, sessionReady } from "./ready";
export { readyWords } from "./ready-words";
export {
  MOST_PARTICIPANTS,
  NOTHING_SAID,
  type Participant,
  type RackSetup,
  type Scheme,
  type Session,
  type SessionLift,
  type SessionLoad,
  USUAL_RACKS,
} from "./session";
export { type SharedRow, sharedRows } from "./shared-rows";
export { usualMinutes } from "./usual-minutes";
