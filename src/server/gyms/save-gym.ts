import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import type { GymKit } from "@/core/gym";
import { requestInSession } from "@/core/session";
import { type GymRows, updateGym } from "@/data/gyms";
import { listSessions } from "@/data/sessions";
import type { SaveOutcome } from "@/lib/save-outcome";
import { saveIdField } from "../schemas/fields";
import { gymKitSchema } from "../schemas/gym-kit";
import { refuse } from "../schemas/problems";
import { today } from "../sessions/day";
import { openSessions } from "../sessions/open-session";
import { openGymKit } from "./gym-kit";

const LAST_DAY = "9999-12-31";
/** Sessions to come that are looked at after a change of the gym. */
const MOST_LOOKED_AT = 40;

export const saveGymSchema = z.strictObject({
  revision: z.number().int().min(0),
  gym: gymKitSchema,
  saveId: saveIdField,
});

/** A gym as it is stored, without its unit, which stays what it was. */
export function gymRows(gym: GymKit): GymRows {
  return {
    gym: {
      name: gym.name,
      barName: gym.bar.name,
      barWeight: gym.bar.weight,
      collarWeight: gym.bar.collar,
      otherBars: gym.otherBars,
      dumbbells: gym.dumbbells,
      sledgeWeight: gym.sledge,
      stack: gym.stack,
      help: gym.help,
      clearFloor: gym.clearFloor ?? null,
      timeZone: gym.timeZone ?? null,
      wishes: gym.wishes ?? null,
      settings: gym.settings ?? null,
    },
    plates: gym.plates.map((p) => ({ ...p, gymId: gym.id })),
    equipment: [...new Set(gym.equipment)].map((equipment) => ({
      gymId: gym.id,
      equipment,
      count: gym.counts?.[equipment] ?? null,
    })),
  };
}

/** Stores a gym if it was changed from the revision that is stored now. The unit stays what it was. */
export async function saveGym({
  revision,
  gym,
  saveId,
}: z.output<typeof saveGymSchema>): Promise<SaveOutcome<GymKit>> {
  const stored = await updateGym(gym.id, revision, gymRows(gym), saveId);
  if (stored !== null) return { kind: "saved", revision: stored };
  const current = await openGymKit(gym.id);
  if (!current) return refuse("This gym is no longer there.");
  return { kind: "changed-elsewhere", revision: current.revision, draft: current.gym };
}

/** Whose working weight a gym no longer makes, in its sessions from today on, for the coach to hear after a change. */
export async function weightsNotHere(
  catalog: Catalog,
): Promise<{ sessionId: string; athleteId: string; name: string; lift: string }[]> {
  const from = today();
  const { sessions } = await listSessions(from, LAST_DAY, { limit: MOST_LOOKED_AT, offset: 0 });
  const found = (await openSessions(sessions, catalog)).flatMap(({ opened }) => {
    if (!opened.ok) return [];
    const { session, gym, members } = opened.value;
    return members.flatMap(({ athlete, draft }) =>
      requestInSession(session, { athlete, draft }, gym, catalog, null)
        .lifts.filter((l) => l.askedWeight !== undefined)
        .map(({ lift }) => ({
          sessionId: session.id,
          athleteId: athlete.id,
          name: athlete.name,
          lift: lift.name,
        })),
    );
  });
  // Once for each athlete and lift: the next session of it.
  return found.filter(
    (f, i) => found.findIndex((o) => o.athleteId === f.athleteId && o.lift === f.lift) === i,
  );
}
