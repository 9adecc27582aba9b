import { z } from "zod";
import { catalog } from "@/catalog";
import type { SaveOutcome } from "@/core/result";
import { type GymKit, planRequestFor } from "@/core/warm-up";
import { updateGym } from "@/data/gyms";
import { listWarmUps } from "@/data/warm-ups";
import { today } from "./day";
import { openGymKit } from "./gym-kit";
import { openWarmUp } from "./open-workbench";
import { firstProblem } from "./schemas/draft";
import { gymKitSchema } from "./schemas/gym-kit";

const requestSchema = z.strictObject({ revision: z.number().int().min(0), gym: gymKitSchema });

/** Stores a gym if it was changed from the revision that is stored now. The unit stays what it was. */
export async function saveGym(request: unknown): Promise<SaveOutcome<GymKit>> {
  const parsed = requestSchema.safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const { revision, gym } = parsed.data;
  const stored = await updateGym(gym.id, revision, {
    gym: {
      name: gym.name,
      barName: gym.bar.name,
      barWeight: gym.bar.weight,
      collarWeight: gym.bar.collar,
      dumbbells: gym.dumbbells,
      sledgeWeight: gym.sledge,
      stack: gym.stack,
      help: gym.help,
    },
    plates: gym.plates.map((p) => ({ ...p, gymId: gym.id })),
    equipment: [...new Set(gym.equipment)].map((equipment) => ({
      gymId: gym.id,
      equipment,
      count: gym.counts?.[equipment] ?? null,
    })),
  });
  if (stored !== null) return { kind: "saved", revision: stored };
  const current = await openGymKit(gym.id);
  if (!current) return { kind: "refused", message: "This gym is no longer there." };
  return { kind: "changed-elsewhere", revision: current.revision, draft: current.gym };
}

/** Whose working weight of today a gym no longer makes, for the coach to hear after a change. */
export async function weightsNotHere(): Promise<{ warmUpId: string; name: string; lift: string }[]> {
  const rows = await listWarmUps(today());
  const found = await Promise.all(
    rows.map(async ({ warmUp }) => {
      const opened = await openWarmUp(warmUp.id);
      if (!opened?.ok) return [];
      const { draft, athlete, gym } = opened.value;
      return planRequestFor(draft, athlete, gym, catalog)
        .lifts.filter((l) => l.askedWeight !== undefined)
        .map(({ lift }) => ({ warmUpId: warmUp.id, name: athlete.name, lift: lift.name }));
    }),
  );
  return found.flat();
}
