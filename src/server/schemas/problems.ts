import type { z } from "zod";

/** Why nothing was done, as a sentence. */
export interface Refused {
  kind: "refused";
  message: string;
}

export function refuse(message: string): Refused {
  return { kind: "refused", message };
}

/** The first thing wrong with a value, as a sentence that names the field. */
export function firstProblem(error: z.ZodError): string {
  const issue = error.issues[0]!;
  const field = issue.path.join(".");
  return field ? `${field}: ${issue.message}` : issue.message;
}
