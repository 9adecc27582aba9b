import { z } from "zod";
import { demandField, idField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { openAthlete, saveAthlete } from "./athletes";

/** The most limiters that an athlete has. */
const MOST_LIMITERS = 8;

export const addLimiterSchema = z.strictObject({ athleteId: idField, demand: demandField });

/** Adds what a test points to as an athlete's limiter, after those that are there. */
export async function addLimiter({
  athleteId,
  demand,
}: z.output<typeof addLimiterSchema>): Promise<{ kind: "added" } | Refused> {
  const opened = await openAthlete(athleteId);
  if (!opened) return refuse("This athlete is no longer there.");
  const { draft, revision } = opened;
  if (draft.limiters.includes(demand)) return { kind: "added" };
  if (draft.limiters.length >= MOST_LIMITERS)
    return refuse(`There are ${MOST_LIMITERS} limiters already. Remove one on the profile first.`);
  const saved = await saveAthlete({
    athlete: { ...draft, limiters: [...draft.limiters, demand] },
    revision,
  });
  return saved.kind === "saved"
    ? { kind: "added" }
    : refuse("The athlete was changed elsewhere just now: try again.");
}
