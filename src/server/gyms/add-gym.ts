import { z } from "zod";
import { gymSets } from "@/catalog/gym-sets";
import { gymFromSet } from "@/core/gym";
import { UNIT_SYSTEMS } from "@/core/units";
import { addGym, deleteGym, isGymInUse, listGyms, readGym } from "@/data/gyms";
import { keepUndoable } from "@/data/undoables";
import { firstProblem } from "../schemas/draft";
import { idOf, nameField } from "../schemas/fields";
import { gymRows } from "./save-gym";

const requestSchema = z.strictObject({
  name: nameField("gym"),
  unit: z.enum(UNIT_SYSTEMS),
  set: idOf(() => gymSets.map((s) => s.id), "kind of gym"),
});

/** Adds a gym or room, with what such a one usually has. */
export async function addGymLike(
  request: unknown,
): Promise<{ kind: "added"; id: string } | { kind: "refused"; message: string }> {
  const parsed = requestSchema.safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const { name, unit, set } = parsed.data;
  const gyms = await listGyms();
  if (gyms.some((g) => g.name.toLowerCase() === name.toLowerCase()))
    return { kind: "refused", message: "There is a gym of this name already." };
  const gym = gymFromSet(gymSets.find((s) => s.id === set)!, { id: crypto.randomUUID(), name, unit });
  const rows = gymRows(gym);
  await addGym({ ...rows, gym: { ...rows.gym, id: gym.id, unit, place: gyms.length } });
  return { kind: "added", id: gym.id };
}

/** Takes a gym out that no session is in. */
export async function removeGym(
  id: unknown,
): Promise<{ kind: "removed"; token: string } | { kind: "refused"; message: string }> {
  const gyms = await listGyms();
  if (typeof id !== "string" || !gyms.some((g) => g.id === id))
    return { kind: "refused", message: "This gym is no longer there." };
  if (gyms.length === 1)
    return {
      kind: "refused",
      message: "It is the only gym: a hall needs one. Change it, or add another first.",
    };
  if (await isGymInUse(id))
    return { kind: "refused", message: "Sessions take place in it. Move them to another gym first." };
  const kept = (await readGym(id))!;
  const token = await keepUndoable("gym", kept.name, kept);
  await deleteGym(id);
  return { kind: "removed", token };
}

/** Puts a gym back that was taken out, last in the order. */
export async function restoreGym({
  plates,
  equipment,
  ...gym
}: NonNullable<Awaited<ReturnType<typeof readGym>>>): Promise<void> {
  await addGym({ gym: { ...gym, place: (await listGyms()).length }, plates, equipment });
}
