import type { z } from "zod";
import { gymSets } from "@/catalog/gym-sets";
import { gymFromSet } from "@/core/gym";
import { addGym, deleteGym, isGymInUse, listGyms, readGym } from "@/data/gyms";
import { keepUndoable } from "@/data/undoables";
import type { addGymSchema } from "../schemas/added";
import { type Refused, refuse } from "../schemas/problems";
import { gymRows } from "./save-gym";

/** Adds a gym or room, with what such a one usually has. */
export async function addGymLike({
  name,
  unit,
  set,
}: z.output<typeof addGymSchema>): Promise<{ kind: "added"; id: string } | Refused> {
  const gyms = await listGyms();
  if (gyms.some((g) => g.name.toLowerCase() === name.toLowerCase()))
    return refuse("There is already a gym with this name.");
  const gym = gymFromSet(gymSets.find((s) => s.id === set)!, { id: crypto.randomUUID(), name, unit });
  const rows = gymRows(gym);
  await addGym({ ...rows, gym: { ...rows.gym, id: gym.id, unit, place: gyms.length } });
  return { kind: "added", id: gym.id };
}

/** Deletes a gym that no session is in. */
export async function removeGym(id: string): Promise<{ kind: "removed"; token: string } | Refused> {
  const gyms = await listGyms();
  if (!gyms.some((g) => g.id === id)) return refuse("This gym is no longer there.");
  if (gyms.length === 1) return refuse("It is the only gym there is. Change it, or add another first.");
  if (await isGymInUse(id)) return refuse("It has sessions. Move them to another gym first.");
  const kept = (await readGym(id))!;
  const token = await keepUndoable("gym", kept.name, kept);
  await deleteGym(id);
  return { kind: "removed", token };
}

/** Restores a gym that was deleted, last in the order. */
export async function restoreGym({
  plates,
  equipment,
  ...gym
}: NonNullable<Awaited<ReturnType<typeof readGym>>>): Promise<void> {
  await addGym({ gym: { ...gym, place: (await listGyms()).length }, plates, equipment });
}
