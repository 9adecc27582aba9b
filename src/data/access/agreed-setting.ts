import { eq } from "drizzle-orm";
import { database, write } from "../database";
import { accessSetting } from "../schema";

/** A value that all servers on this database agree on: what is there already, or else this one. */
export async function agreedSetting(key: string, value: string): Promise<string> {
  const there = async () => {
    const db = await database();
    const [row] = await db.select().from(accessSetting).where(eq(accessSetting.key, key));
    return row?.value;
  };
  const known = await there();
  if (known !== undefined) return known;
  await write((db) => db.insert(accessSetting).values({ key, value }).onConflictDoNothing());
  return (await there())!;
}
