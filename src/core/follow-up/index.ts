export {
  FEELS,
  type Feels,
  FOLLOW_UP_MOMENTS,
  type FollowUpAnswer,
  type FollowUpCause,
  type FollowUpMoment,
  type FollowUpVerdict,
  followUpVerdict,
  openMoment,
} from "./follow-up";
