import { v7 as uuidv7 } from "uuid";
import { addTakenOut, listTakenOut } from "@/data/access/taken-out";
import { currentActor } from "./actor";

/** Lines of the log that are shown. */
const SHOWN = 50;

/** Writes down who has taken something out, before it goes. */
export async function noteTakenOut(what: string): Promise<void> {
  const actor = await currentActor();
  await addTakenOut({ id: uuidv7(), at: Date.now(), who: actor?.name ?? "Nobody", what });
}

export async function takenOutLately() {
  return listTakenOut(SHOWN);
}
export type TakenOut = Awaited<ReturnType<typeof takenOutLately>>[number];
