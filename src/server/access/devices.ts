import { cookies, headers } from "next/headers";
import { v7 as uuidv7 } from "uuid";
import { z } from "zod";
import {
  deleteDevice,
  listDevices,
  putCode,
  readDevice,
  takeCode,
  updateDevice,
} from "@/data/access/devices";
import { readAthlete } from "@/data/athletes";
import { publicUrl } from "../cards/card-addresses";
import { idField, nameField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import type { Actor } from "./actor";
import { codeAsMeant, hashOf, newCode, newSecret } from "./secrets";
import { askedFrom, type Counted, countVainTry, forgetVainTries, waitInWords, waitLeft } from "./vain-tries";

const COOKIE = "iron-step-device";
const MINUTE_MS = 60_000;
/** For how long a code works, and how often it is noted that a device was there. Milliseconds. */
const CODE_MS = 10 * MINUTE_MS;
const SEEN_MS = 10 * MINUTE_MS;
/** For how long a browser keeps what lets it in: the longest that browsers do. Seconds. */
const COOKIE_SECONDS = 400 * 24 * 60 * 60;

const SECRET = "([\\w-]{20,64})";
const IN_COOKIE = new RegExp(`(?:^|; )${COOKIE}=${SECRET}`);
const IN_AUTHORIZATION = new RegExp(`^Bearer ${SECRET}$`, "i");

/** A device by what its browser keeps, or by the token of a program. */
async function rowOf(of: Headers) {
  const [, secret] =
    IN_AUTHORIZATION.exec(of.get("authorization") ?? "") ?? IN_COOKIE.exec(of.get("cookie") ?? "") ?? [];
  return secret ? readDevice(hashOf(secret)) : null;
}

/** The device that asks, by the headers of a request; null: it is none, or it has been ended. */
export async function deviceOf(of: Headers): Promise<Actor | null> {
  const row = await rowOf(of);
  if (!row) return null;
  const now = Date.now();
  if (now - row.seenAt > SEEN_MS) await updateDevice(row.id, { seenAt: now });
  return { role: row.role, name: row.name, userId: row.userId, athleteId: row.athleteId };
}

export const showCodeSchema = z.union([
  z.strictObject({ role: z.enum(["coach", "assistant"]) }),
  z.strictObject({ role: z.literal("athlete"), athleteId: idField }),
]);

/** Makes a code by which one device is let in, within ten minutes. An assistant lets nobody in. */
export async function showCode(
  asked: z.output<typeof showCodeSchema>,
  actor: Actor,
): Promise<{ kind: "shown"; code: string; until: number; address: string | null } | Refused> {
  const athleteId = asked.role === "athlete" ? asked.athleteId : null;
  if (athleteId !== null && !(await readAthlete(athleteId)))
    return refuse("This athlete is no longer there.");
  const code = newCode();
  const now = Date.now();
  const until = now + CODE_MS;
  await putCode(
    { hash: hashOf(code), role: asked.role, userId: actor.userId, athleteId, expiresAt: until },
    now,
  );
  const base = publicUrl();
  return { kind: "shown", code, until, address: base && `${base}/pair` };
}

export const pairDeviceSchema = z.strictObject({
  code: z.string().min(1, "Type the code that the desk shows.").max(20),
  name: nameField("device"),
});

/** Vain tries of codes are counted by where they come from, and all together: six signs are guessed by nobody in ten minutes. */
const counted = (from: string): Counted[] => [
  { key: `code from ${from}`, free: 5 },
  { key: "code", free: 50 },
];

/** Lets something in by a code that is shown elsewhere. @returns the secret by which it is known from then on. */
export async function takePairing({
  code,
  name,
}: z.output<typeof pairDeviceSchema>): Promise<
  { kind: "paired"; role: Actor["role"]; secret: string } | { kind: "waits"; milliseconds: number } | Refused
> {
  const of = counted(await askedFrom());
  const left = await waitLeft(of);
  if (left > 0) return { kind: "waits", milliseconds: left };
  const secret = newSecret();
  const paired = await takeCode(hashOf(codeAsMeant(code)), Date.now(), {
    ...{ id: uuidv7(), name, hash: hashOf(secret) },
  });
  if (!paired) {
    await countVainTry(of);
    return refuse(
      "code: This code is not known, has been used or is over ten minutes old. Have a new one shown.",
    );
  }
  await forgetVainTries(of);
  return { kind: "paired", role: paired.role, secret };
}

/** What is said to who has to wait before the next code. @param milliseconds of the wait. */
export const waitBeforeCode = (milliseconds: number) =>
  `Too many codes tried. Wait ${waitInWords(milliseconds)}.`;

/** Lets the browser that asks in by a code: it keeps a cookie. */
export async function pairDevice(
  asked: z.output<typeof pairDeviceSchema>,
): Promise<{ kind: "paired"; role: Actor["role"] } | Refused> {
  const outcome = await takePairing(asked);
  if (outcome.kind === "waits") return refuse(waitBeforeCode(outcome.milliseconds));
  if (outcome.kind === "refused") return outcome;
  (await cookies()).set(COOKIE, outcome.secret, {
    ...{ httpOnly: true, sameSite: "lax", path: "/", maxAge: COOKIE_SECONDS },
    secure: process.env.TLS === "on",
  });
  return { kind: "paired", role: outcome.role };
}

export const nameDeviceSchema = z.strictObject({ id: idField, name: nameField("device") });

export async function nameDevice({
  id,
  name,
}: z.output<typeof nameDeviceSchema>): Promise<{ kind: "named" } | Refused> {
  return (await updateDevice(id, { name })) ? { kind: "named" } : refuse("This device is no longer there.");
}

/** Ends a device: from then on it is nobody. */
export async function endDevice(id: string): Promise<{ kind: "ended" }> {
  await deleteDevice(id);
  return { kind: "ended" };
}

/** Ends the device that asks. */
export async function leave(): Promise<void> {
  const row = await rowOf(await headers());
  if (row) await deleteDevice(row.id);
  (await cookies()).delete(COOKIE);
}

/** A device as it is listed. */
export interface ListedDevice {
  id: string;
  name: string;
  role: Actor["role"];
  /** Whose it is: an athlete, who has paired it, or nobody in particular. */
  of: string | null;
  pairedAt: number;
  seenAt: number;
}

export async function devices(): Promise<ListedDevice[]> {
  return (await listDevices()).map(({ device, account, athlete }) => {
    const { id, name, role, pairedAt, seenAt } = device;
    return { id, name, role, of: athlete ?? account, pairedAt, seenAt };
  });
}
