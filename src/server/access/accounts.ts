import { hashPassword, verifyPassword } from "better-auth/crypto";
import { v7 as uuidv7 } from "uuid";
import { z } from "zod";
import {
  type AccountRow,
  accountsWithKeys,
  addAccountRow,
  changeAccountRole,
  deleteAccount,
  deleteSignedIn,
  listAccounts,
  listSignedIn,
  putLink,
  readAccount,
  readLink,
  readPasswordHash,
  takePasswordLink,
} from "@/data/access/accounts";
import { listPasskeys } from "@/data/access/passkeys";
import { publicUrl } from "../cards/card-addresses";
import { idField, nameField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import type { Actor } from "./actor";
import { hashOf, newSecret } from "./secrets";
import { addressOfName, enter, plainName } from "./sign-in";

/** For how long a link to a password works. Milliseconds. */
const LINK_MS = 24 * 60 * 60_000;

export const ACCOUNT_ROLES = ["owner", "coach", "assistant"] as const;

/** Names shorter than this are in many a good password. */
const SHORT_NAME = 4;

const passwordField = z
  .string()
  .min(10, "A password has at least ten signs.")
  .max(200, "A password has at most 200 signs.");

function accountRow(name: string, role: AccountRow["role"]): AccountRow {
  const at = new Date();
  return {
    ...{ id: uuidv7(), name: name.trim(), email: addressOfName(name), emailVerified: true, image: null },
    ...{ role, createdAt: at, updatedAt: at },
  };
}

/** A link that works once, as a path and whole where it is known under which address others reach this server. */
export interface OnceLink {
  path: string;
  url: string | null;
}

async function linkFor(userId: string | null): Promise<OnceLink> {
  const secret = newSecret();
  const now = Date.now();
  await putLink({ hash: hashOf(secret), userId, expiresAt: now + LINK_MS }, now);
  const path = `/once/${secret}`;
  const base = publicUrl();
  return { path, url: base && `${base}${path}` };
}

/** The link by which somebody becomes the owner; null: there is an owner. */
export async function ownerLink(): Promise<OnceLink | null> {
  return (await listAccounts()).some((a) => a.role === "owner") ? null : linkFor(null);
}

/** What a link leads to: the first owner gives a name, others choose a password; null: it has been used, or has ended. */
export async function openLink(secret: string): Promise<{ name: string | null } | null> {
  const link = secret.length <= 64 ? await readLink(hashOf(secret), Date.now()) : null;
  if (!link) return null;
  if (link.userId === null) return { name: null };
  const account = await readAccount(link.userId);
  return account && { name: account.name };
}

export const setPasswordSchema = z.strictObject({
  secret: z.string().max(64),
  /** Of the first owner; absent: the link is somebody's. */
  name: nameField("owner").optional(),
  password: passwordField,
});

/** Chooses a password by a link that works once, and comes in by it. */
export async function setPassword({
  secret,
  name,
  password,
}: z.output<typeof setPasswordSchema>): Promise<{ kind: "in" } | Refused> {
  const now = Date.now();
  const gone = refuse("This link has been used or is over a day old. Ask for a new one.");
  const link = await readLink(hashOf(secret), now);
  if (!link) return gone;
  if (link.userId === null && !name) return refuse("name: Say who you are.");
  const owner = link.userId === null ? accountRow(name!, "owner") : null;
  const account = owner ?? (await readAccount(link.userId!));
  if (!account) return gone;
  const own = plainName(account.name);
  if (own.length >= SHORT_NAME && plainName(password).includes(own)) {
    return refuse("password: A password with your name in it is soon guessed. Take another.");
  }
  const hash = await hashPassword(password);
  const used = await takePasswordLink(hashOf(secret), now, { userId: account.id, password: hash, owner });
  if (!used) return gone;
  await enter(account.id);
  return { kind: "in" };
}

export const changePasswordSchema = z.strictObject({ before: z.string().max(200), password: passwordField });

/** Changes one's own password: who knows the one before. Where one is signed in elsewhere ends. */
export async function changePassword(
  { before, password }: z.output<typeof changePasswordSchema>,
  actor: Actor,
): Promise<{ kind: "changed" } | Refused> {
  const hash = actor.userId && (await readPasswordHash(actor.userId));
  if (!actor.userId || !hash) return refuse("You have no password here.");
  if (!(await verifyPassword({ hash, password: before })))
    return refuse("before: This is not your password of now.");
  const secret = newSecret();
  await putLink({ hash: hashOf(secret), userId: actor.userId, expiresAt: Date.now() + LINK_MS }, Date.now());
  const set = await setPassword({ secret, password });
  return set.kind === "in" ? { kind: "changed" } : set;
}

export const addAccountSchema = z.strictObject({ name: nameField("person"), role: z.enum(ACCOUNT_ROLES) });

/** Adds somebody to the gym's people, with a link to a password of their own. */
export async function addAccount({
  name,
  role,
}: z.output<typeof addAccountSchema>): Promise<{ kind: "added"; link: OnceLink } | Refused> {
  const row = accountRow(name, role);
  if (!(await addAccountRow(row)))
    return refuse("name: There is somebody of this name. Add something to it.");
  return { kind: "added", link: await linkFor(row.id) };
}

/** Makes a link to a new password: there is no mail, so it is handed over. The ones before end. */
export async function passwordLink(userId: string): Promise<{ kind: "made"; link: OnceLink } | Refused> {
  if (!(await readAccount(userId))) return refuse("This account is no longer there.");
  return { kind: "made", link: await linkFor(userId) };
}

/** Why an account has to stay an owner's; null: it has not. */
async function onlyOwner(userId: string): Promise<Refused | null> {
  const owners = (await listAccounts()).filter((a) => a.role === "owner");
  const isOnly = owners.length === 1 && owners[0]!.id === userId;
  return isOnly ? refuse("Somebody has to run the gym: make another owner first.") : null;
}

export const changeRoleSchema = z.strictObject({ userId: idField, role: z.enum(ACCOUNT_ROLES) });

export async function changeRole({
  userId,
  role,
}: z.output<typeof changeRoleSchema>): Promise<{ kind: "changed" } | Refused> {
  const account = await readAccount(userId);
  if (!account) return refuse("This account is no longer there.");
  const stuck = role === "owner" ? null : await onlyOwner(userId);
  if (stuck) return stuck;
  if (account.role !== role) await changeAccountRole(userId, role);
  return { kind: "changed" };
}

/** Takes an account out: its sign-ins and devices end with it. */
export async function removeAccount(userId: string): Promise<{ kind: "removed" } | Refused> {
  const stuck = await onlyOwner(userId);
  if (stuck) return stuck;
  await deleteAccount(userId);
  return { kind: "removed" };
}

/** Ends where somebody is signed in: an owner anybody's, others their own. */
export async function endSignedIn(id: string, actor: Actor): Promise<{ kind: "ended" }> {
  await deleteSignedIn(id, actor.role === "owner" ? null : (actor.userId ?? ""));
  return { kind: "ended" };
}

/** Somebody who signs in, and where they are signed in. */
export interface ListedAccount {
  id: string;
  name: string;
  role: AccountRow["role"];
  /** Whether a password has been chosen: before that nobody can come in as this one. */
  hasPassword: boolean;
  passkeys: number;
  signedIn: readonly { id: string; since: number; browser: string }[];
}

/** "Chrome on Android", from what a browser says of itself; it may say anything. */
function browserOf(userAgent: string | null): string {
  const text = userAgent ?? "";
  const find = (names: readonly (readonly [RegExp, string])[]) => names.find(([re]) => re.test(text))?.[1];
  const browser = find([
    [/Edg\//, "Edge"],
    [/Firefox\//, "Firefox"],
    [/Chrome\//, "Chrome"],
    [/Safari\//, "Safari"],
  ]);
  const system = find([
    [/Android/, "Android"],
    [/iPad/, "iPad"],
    [/iPhone/, "iPhone"],
    [/Mac OS X/, "Mac"],
    [/Windows/, "Windows"],
    [/Linux/, "Linux"],
  ]);
  if (!browser) return "A browser";
  return system ? `${browser} on ${system}` : browser;
}

export async function accounts(): Promise<ListedAccount[]> {
  const [rows, where, withKeys, passkeys] = await Promise.all([
    listAccounts(),
    listSignedIn(),
    accountsWithKeys(),
    listPasskeys(),
  ]);
  return rows.map(({ id, name, role }) => ({
    ...{ id, name, role, hasPassword: withKeys.has(id) },
    passkeys: passkeys.filter((p) => p.userId === id).length,
    signedIn: where
      .filter((s) => s.userId === id)
      .map((s) => ({ id: s.id, since: s.createdAt.getTime(), browser: browserOf(s.userAgent) })),
  }));
}

/** One's own account, with the passkeys that come in as it; null: it is gone. */
export async function ownAccount(id: string) {
  const account = (await accounts()).find((a) => a.id === id);
  if (!account) return null;
  const keys = await listPasskeys(id);
  return { ...account, keys: keys.map((k) => ({ id: k.id, createdAt: k.createdAt })) };
}
export type OwnAccount = NonNullable<Awaited<ReturnType<typeof ownAccount>>>;
