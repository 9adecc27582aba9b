import { z } from "zod";
import {
  addCalendarAddress,
  deleteCalendarAddress,
  listCalendarAddresses,
  readCalendarAddress,
} from "@/data/access/calendar-addresses";
import { listWallAddresses } from "@/data/floor";
import { publicUrl, sharedCards } from "../cards/card-addresses";
import { nameField } from "../schemas/fields";
import { newSecret } from "./secrets";

export const shareCalendarSchema = z.strictObject({ name: nameField("calendar") });

/** Makes an address at which a calendar program reads the sessions. */
export async function shareCalendar({
  name,
}: z.output<typeof shareCalendarSchema>): Promise<{ kind: "shared"; path: string }> {
  const token = newSecret();
  await addCalendarAddress({ token, name, createdAt: Date.now() });
  return { kind: "shared", path: `/calendar/${token}` };
}

/** Revokes an address of the calendar: it leads nowhere from then on. */
export async function stopSharingCalendar(token: string): Promise<{ kind: "stopped" }> {
  await deleteCalendarAddress(token);
  return { kind: "stopped" };
}

/** Whether an address of the calendar is in force. */
export async function isCalendarAddress(token: string): Promise<boolean> {
  return token.length <= 64 && (await readCalendarAddress(token)) !== null;
}

/** All addresses at which somebody can see something without coming in. */
export async function addresses() {
  const [cards, walls, calendars] = await Promise.all([
    sharedCards(),
    listWallAddresses(),
    listCalendarAddresses(),
  ]);
  const base = publicUrl() ?? "";
  return {
    cards,
    walls: walls.map(({ sessionId, session, day }) => ({ sessionId, session, day })),
    calendars: calendars.map(({ token, name, createdAt }) => ({
      ...{ token, name, createdAt },
      address: `${base}/calendar/${token}`,
    })),
  };
}
export type Addresses = Awaited<ReturnType<typeof addresses>>;
