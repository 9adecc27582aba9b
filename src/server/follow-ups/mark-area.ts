import { z } from "zod";
import { openAthlete, saveAthlete } from "../athletes/athletes";
import { areaField, idField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";

export const markAreaSchema = z.strictObject({
  athleteId: idField,
  area: areaField,
  level: z.enum(["sore", "avoid"]),
});

/** Marks an area of an athlete as sore or to avoid, so that the next plans go easy on it. */
export async function markArea({
  athleteId,
  area,
  level,
}: z.output<typeof markAreaSchema>): Promise<{ kind: "marked" } | Refused> {
  const opened = await openAthlete(athleteId);
  if (!opened) return refuse("This athlete is no longer there.");
  const { draft, revision } = opened;
  const areas = [...draft.areas.filter((a) => a.area !== area), { area, level }];
  const saved = await saveAthlete({ athlete: { ...draft, areas }, revision });
  return saved.kind === "saved"
    ? { kind: "marked" }
    : refuse("The athlete was changed elsewhere just now: try again.");
}
