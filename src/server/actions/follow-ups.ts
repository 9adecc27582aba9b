"use server";

import { answerFollowUp, coachAnswerSchema } from "../follow-ups/follow-ups";
import { setSmallestDose, smallestDoseSchema } from "../follow-ups/less-next-time";
import { markArea, markAreaSchema } from "../follow-ups/mark-area";
import { action } from "./action";

export const answerFollowUpAction = action("answerFollowUp", coachAnswerSchema, (answer) =>
  answerFollowUp(answer, "coach"),
);
export const markAreaAction = action("markArea", markAreaSchema, markArea);
export const smallestDoseAction = action("smallestDose", smallestDoseSchema, setSmallestDose);
