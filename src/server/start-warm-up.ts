import { z } from "zod";
import { catalog } from "@/catalog";
import { MOST_LIFTS, startDraft } from "@/core/warm-up";
import { addWarmUp, findWarmUp, updateDraft } from "@/data/warm-ups";
import { athleteRecord } from "./athlete-record";
import { today } from "./day";
import { gymKit } from "./gym-kit";
import { approachField, liftField, minutesField, roomField } from "./schemas/fields";

const requestSchema = z.strictObject({
  athleteId: z.string().max(100),
  day: z.iso.date().optional(),
  like: z
    .strictObject({
      lifts: z.array(liftField(catalog)).min(1).max(MOST_LIFTS),
      minutes: minutesField,
      approach: approachField(catalog),
      room: roomField,
    })
    .optional(),
});

/**
 * Opens an athlete's warm-up of a day; where there is none yet, a first one is made, like the given one in
 * lift, time and approach. Null if there is no such athlete or gym.
 */
export async function startWarmUp(request: unknown): Promise<string | null> {
  const parsed = requestSchema.safeParse(request);
  if (!parsed.success) return null;
  const { athleteId, like } = parsed.data;
  const day = parsed.data.day ?? today();
  const there = await findWarmUp(athleteId, day);
  if (there) return there.id;
  const [athlete, gym] = await Promise.all([athleteRecord(athleteId), gymKit()]);
  if (!athlete || !gym) return null;
  const stored = await addWarmUp({
    id: crypto.randomUUID(),
    athleteId,
    gymId: gym.id,
    day,
    draft: JSON.stringify(startDraft(athlete, gym, catalog, like)),
    revision: 0,
    updatedAt: Date.now(),
  });
  return stored.id;
}

/** Replaces a stored warm-up that cannot be read by a first draft. */
export async function restartWarmUp(request: { athleteId: string; day: string }): Promise<string | null> {
  const row = await findWarmUp(request.athleteId, request.day);
  const [athlete, gym] = await Promise.all([athleteRecord(request.athleteId), gymKit()]);
  if (!row || !athlete || !gym) return null;
  await updateDraft(row.id, row.revision, JSON.stringify(startDraft(athlete, gym, catalog)), Date.now());
  return row.id;
}
