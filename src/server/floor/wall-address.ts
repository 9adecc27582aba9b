import { z } from "zod";
import { deleteWallAddress, readWallAddress, readWallOf, saveWallAddress } from "@/data/floor";
import { newSecret } from "../access/secrets";
import { idField } from "../schemas/fields";

export const shareWallSchema = z.strictObject({
  sessionId: idField,
  hasWeights: z.boolean(),
  hasNames: z.boolean(),
});

/** The wall of a session: where it is, and what it shows. */
export interface WallAddress {
  path: string;
  hasWeights: boolean;
  hasNames: boolean;
}

/** Makes the address of a session's wall, or changes what it shows. */
export async function shareWall(
  wall: z.output<typeof shareWallSchema>,
): Promise<{ kind: "shared" } & WallAddress> {
  const known = await readWallOf(wall.sessionId);
  const token = known?.token ?? newSecret();
  await saveWallAddress({ token, ...wall });
  return { kind: "shared", path: `/wall/${token}`, hasWeights: wall.hasWeights, hasNames: wall.hasNames };
}

/** Revokes the address of a session's wall: it leads nowhere from then on. */
export async function stopSharingWall(sessionId: string): Promise<{ kind: "stopped" }> {
  await deleteWallAddress(sessionId);
  return { kind: "stopped" };
}

/** The address of a session's wall; null: there is none. */
export async function wallOf(sessionId: string): Promise<WallAddress | null> {
  const row = await readWallOf(sessionId);
  return row && { path: `/wall/${row.token}`, hasWeights: row.hasWeights, hasNames: row.hasNames };
}

/** The session that an address of a wall shows, and how; null: there is none, or it has been revoked. */
export async function wallByAddress(token: string) {
  return token.length <= 64 ? readWallAddress(token) : null;
}
