export { arriveBy, clockMinutes, clockTime } from "./arrive-by";
export { dayAfter, MOST_NEW_SESSIONS, type Moment, moveMoment, repeatDays } from "./days";
export { draftInSession } from "./draft-in-session";
export { applySessionEdit, type LiftEdit, type SessionEdit } from "./edits";
export { oneSetFewer, withRampSets } from "./fewer-sets";
export { formatLoad, parseLoad, stepLoad } from "./load-text";
export { followSession, mergeDraft, type OwnPart, ownParts } from "./merge-draft";
export { groupRequestFor, type MemberDraft, requestInSession } from "./plan-requests";
export {
  firstPercent,
  isBackOffWeek,
  PROGRESSION_LIMITS,
  type Progression,
  percentInWeek,
  sessionInWeek,
  USUAL_PROGRESSION,
  weeksBetween,
} from "./progression";
export { type RackRequest, rackRequestFor } from "./racks";
export { laterStarts, type MemberReady, type SessionReady, sessionReady } from "./ready";
export { readyWords } from "./ready-words";
export {
  liftsFor,
  MOST_PARTICIPANTS,
  MOST_SUB_GROUPS,
  NOTHING_SAID,
  type Participant,
  type RackSetup,
  type Scheme,
  type Series,
  type Session,
  type SessionLift,
  type SessionLoad,
  type SubGroup,
  USUAL_RACKS,
} from "./session";
export { type SharedRow, sharedRows } from "./shared-rows";
export { usualMinutes } from "./usual-minutes";
export { type WeightMove, weightMoves } from "./weight-moves";
