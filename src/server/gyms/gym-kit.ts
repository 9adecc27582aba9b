import { type GymKit, type GymSettings, USUAL_SETTINGS } from "@/core/gym";
import type { Weight } from "@/core/units";
import { listGyms, readGym } from "@/data/gyms";
import { isEquipment, storedWishes } from "../schemas/fields";
import { gymKitSchema, settingsField } from "../schemas/gym-kit";
import { gymLoadsSchema } from "../schemas/gym-loads";

const loads = gymLoadsSchema.shape;

/** The gym with this id (the only one if none is given) as the core knows one, or null. */
export async function gymKit(id?: string): Promise<GymKit | null> {
  return (await openGymKit(id))?.gym ?? null;
}

/** The same with the revision that a change is made from. */
export async function openGymKit(id?: string): Promise<{ gym: GymKit; revision: number } | null> {
  const row = await readGym(id);
  if (!row) return null;
  const gym: GymKit = {
    id: row.id,
    name: row.name,
    unit: row.unit,
    bar: { name: row.barName, weight: row.barWeight as Weight, collar: row.collarWeight as Weight },
    otherBars: gymKitSchema.shape.otherBars.catch([]).parse(row.otherBars),
    plates: row.plates.map(({ gymId: _, ...p }) => ({ ...p, weight: p.weight as Weight })),
    // One value that cannot be read counts as not there, and takes nothing else with it.
    dumbbells: loads.dumbbells.catch([]).parse(row.dumbbells),
    sledge: loads.sledge.catch(null).parse(row.sledgeWeight),
    stack: loads.stack.catch(null).parse(row.stack),
    help: loads.help.catch([]).parse(row.help),
    clearFloor: row.clearFloor,
    timeZone: row.timeZone,
    wishes: storedWishes.parse(row.wishes) ?? undefined,
    settings: settingsField.nullable().catch(null).parse(row.settings) ?? undefined,
    equipment: row.equipment.map((e) => e.equipment).filter(isEquipment),
    counts: Object.fromEntries(
      row.equipment.flatMap(({ equipment, count }) =>
        isEquipment(equipment) && count !== null ? [[equipment, count]] : [],
      ),
    ),
  };
  return { gym, revision: row.revision };
}

/** The settings of the first gym, by which the pages say times and lengths. */
export async function gymSettings(): Promise<GymSettings> {
  const [first] = await listGyms();
  return (
    settingsField
      .nullable()
      .catch(null)
      .parse(first?.settings ?? null) ?? USUAL_SETTINGS
  );
}

/** Gyms and rooms to choose from. */
export async function gymChoices(): Promise<{ id: string; name: string }[]> {
  return (await listGyms()).map(({ id, name }) => ({ id, name }));
}
