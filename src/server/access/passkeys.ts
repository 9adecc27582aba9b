import {
  type AuthenticationResponseJSON,
  generateAuthenticationOptions,
  generateRegistrationOptions,
  type RegistrationResponseJSON,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from "@simplewebauthn/server";
import { cookies, headers } from "next/headers";
import { z } from "zod";
import { readAccount } from "@/data/access/accounts";
import {
  deletePasskey,
  listPasskeys,
  putChallenge,
  putPasskey,
  readPasskey,
  takeChallenge,
} from "@/data/access/passkeys";
import { idField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import type { Actor } from "./actor";
import { hashOf, newSecret } from "./secrets";
import { enter } from "./sign-in";

const COOKIE = "iron-step-passkey";
/** For how long a browser may take to sign. Milliseconds. */
const CHALLENGE_MS = 5 * 60_000;

/** Under which name the browser reached this server: a passkey is for that name alone. */
async function here(): Promise<{ rpID: string; expectedOrigin: string }> {
  const asked = await headers();
  const origin = new URL(asked.get("origin") ?? `http://${asked.get("host")}`);
  return { rpID: origin.hostname, expectedOrigin: origin.origin };
}

async function keepChallenge(challenge: string): Promise<void> {
  const secret = newSecret();
  const now = Date.now();
  await putChallenge(hashOf(secret), challenge, now, now + CHALLENGE_MS);
  (await cookies()).set(COOKIE, secret, {
    ...{ httpOnly: true, sameSite: "strict", path: "/", maxAge: CHALLENGE_MS / 1000 },
    secure: process.env.TLS === "on",
  });
}

async function challengeKept(): Promise<string | null> {
  const store = await cookies();
  const secret = store.get(COOKIE)?.value;
  store.delete(COOKIE);
  return secret ? takeChallenge(hashOf(secret), Date.now()) : null;
}

const LATE = refuse("The browser took too long, or the key was not made for this. Try again.");

/** What a browser needs to make a passkey for one's own account. */
export async function beginPasskey(actor: Actor) {
  const account = actor.userId && (await readAccount(actor.userId));
  if (!account) return refuse("Sign in with your name and password first.");
  const { rpID } = await here();
  const known = await listPasskeys(account.id);
  const options = await generateRegistrationOptions({
    ...{ rpName: "Iron Step", rpID, userName: account.name, attestationType: "none" },
    excludeCredentials: known.map((k) => ({ id: k.id })),
    authenticatorSelection: { residentKey: "required", userVerification: "preferred" },
  });
  await keepChallenge(options.challenge);
  return { kind: "begun" as const, options };
}

/** What a browser has signed; its shape is checked by who verifies it. */
export const signedSchema = z.strictObject({ signed: z.looseObject({ id: z.string().max(1000) }) });

/** Keeps a passkey that a browser has made. */
export async function keepPasskey(
  { signed }: z.output<typeof signedSchema>,
  actor: Actor,
): Promise<{ kind: "kept" } | Refused> {
  const expectedChallenge = await challengeKept();
  if (!expectedChallenge || !actor.userId) return LATE;
  const { rpID, expectedOrigin } = await here();
  const { verified, registrationInfo } = await verifyRegistrationResponse({
    response: signed as unknown as RegistrationResponseJSON,
    ...{ expectedChallenge, expectedOrigin, expectedRPID: rpID, requireUserVerification: false },
  }).catch(() => ({ verified: false, registrationInfo: undefined }));
  if (!verified || !registrationInfo) return LATE;
  const { id, publicKey, counter, transports = [] } = registrationInfo.credential;
  // A key that is somebody's already is made by nobody anew.
  if (await readPasskey(id)) return LATE;
  await putPasskey({
    ...{ id, userId: actor.userId, counter, transports, createdAt: Date.now() },
    publicKey: Buffer.from(publicKey).toString("base64url"),
  });
  return { kind: "kept" };
}

export const removePasskeySchema = idField;

export async function removePasskey(id: string, actor: Actor): Promise<{ kind: "removed" }> {
  await deletePasskey(id, actor.userId ?? "");
  return { kind: "removed" };
}

/** What a browser needs to sign with a passkey; whose it is comes with the answer. */
export async function askPasskey() {
  const { rpID } = await here();
  const options = await generateAuthenticationOptions({ rpID, userVerification: "preferred" });
  await keepChallenge(options.challenge);
  return { kind: "asked" as const, options };
}

/** Signs in who has signed with a passkey. */
export async function enterByPasskey({
  signed,
}: z.output<typeof signedSchema>): Promise<{ kind: "in" } | Refused> {
  const expectedChallenge = await challengeKept();
  const known = await readPasskey(signed.id);
  if (!expectedChallenge || !known) return LATE;
  const { rpID, expectedOrigin } = await here();
  const { verified, authenticationInfo } = await verifyAuthenticationResponse({
    response: signed as unknown as AuthenticationResponseJSON,
    ...{ expectedChallenge, expectedOrigin, expectedRPID: rpID, requireUserVerification: false },
    credential: {
      id: known.id,
      publicKey: new Uint8Array(Buffer.from(known.publicKey, "base64url")),
      counter: known.counter,
    },
  }).catch(() => ({ verified: false, authenticationInfo: undefined }));
  if (!verified || !authenticationInfo) return LATE;
  await putPasskey({ ...known, counter: authenticationInfo.newCounter });
  await enter(known.userId);
  return { kind: "in" };
}
