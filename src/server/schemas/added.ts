import { z } from "zod";
import { gymSets } from "@/catalog/gym-sets";
import { UNIT_SYSTEMS } from "@/core/units";
import { idOf, nameField } from "./fields";

const MOST_ADDED = 200;

/** Athletes to add. */
export const addAthletesSchema = z.strictObject({
  /** One name a line, each once. */
  names: z
    .string()
    .max(20_000, "That is too long a list: add it in parts.")
    .transform((text) => [
      ...new Set(
        text
          .split(/[\n;\t]/)
          .map((n) => n.trim())
          .filter((n) => n !== ""),
      ),
    ])
    .superRefine((names, context) => {
      const refuse = (message: string) => context.addIssue({ code: "custom", message });
      if (names.length === 0) refuse("Type a name, or paste several, one per line.");
      if (names.length > MOST_ADDED) refuse(`Add at most ${MOST_ADDED} people at a time.`);
      const long = names.find((n) => n.length > 80);
      if (long) refuse(`"${long.slice(0, 30)}…" is too long a name.`);
    }),
  group: z.string().trim().min(1, "Choose a group or name a new one.").max(80, "Use at most 80 characters."),
  unit: z.enum(UNIT_SYSTEMS),
});

/** A gym or room to add, with what such a one usually has. */
export const addGymSchema = z.strictObject({
  name: nameField("gym"),
  unit: z.enum(UNIT_SYSTEMS),
  set: idOf(() => gymSets.map((s) => s.id), "kind of gym"),
});
