import { z } from "zod";
import { readAthlete } from "@/data/athletes";
import { eraseAthlete } from "@/data/erase-athlete";
import { idField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";

export const eraseSchema = z.strictObject({
  athleteId: idField,
  /** The athlete's name as it is typed, so that nobody is erased by a slip. */
  name: z.string().max(80),
});

/** Erases an athlete with everything that is stored of them, for good. */
export async function erase({
  athleteId,
  name,
}: z.output<typeof eraseSchema>): Promise<{ kind: "erased"; name: string } | Refused> {
  const athlete = await readAthlete(athleteId);
  if (!athlete) return refuse("This athlete is no longer there.");
  if (athlete.name.trim().toLowerCase() !== name.trim().toLowerCase())
    return refuse(`name: Type the name as it is: ${athlete.name}.`);
  await eraseAthlete(athleteId);
  return { kind: "erased", name: athlete.name };
}
