"use server";

import { redirect } from "next/navigation";
import { z } from "zod";
import { type FirstStepsForm, takeFirstSteps } from "../setup/first-steps";
import { action } from "./action";

/** From the first form to the first plan; each fault of the form is told by its field. */
export const firstStepsAction = action("firstSteps", z.custom<FirstStepsForm>(), async (form, catalog) => {
  const outcome = await takeFirstSteps(form, catalog);
  if (outcome.kind === "refused") return outcome;
  if (outcome.kind === "opened") redirect("/");
  const { sessionId, athleteId } = outcome;
  redirect(athleteId === null ? `/session/${sessionId}` : `/session/${sessionId}/${athleteId}`);
});
