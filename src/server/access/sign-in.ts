import { createHash } from "node:crypto";
import { drizzleAdapter } from "better-auth/adapters/drizzle";
import { createAuthEndpoint } from "better-auth/api";
import { setSessionCookie } from "better-auth/cookies";
import { betterAuth } from "better-auth/minimal";
import { nextCookies } from "better-auth/next-js";
import { headers } from "next/headers";
import { z } from "zod";
import { agreedSetting } from "@/data/access/agreed-setting";
import { database, write } from "@/data/database";
import { account, credential, signedIn, verification } from "@/data/schema";
import { memoize } from "@/lib/memoize";
import type { Refused } from "../schemas/problems";
import { refuse } from "../schemas/problems";
import type { Actor } from "./actor";
import { newSecret } from "./secrets";
import { askedFrom, type Counted, countVainTry, forgetVainTries, waitInWords, waitLeft } from "./vain-tries";

/** For how long somebody stays signed in. Seconds. */
const SIGNED_IN_FOR = 30 * 24 * 60 * 60;

/** Enters who has been proven otherwise than by a password. It is called here and reached by no address. */
const entering = {
  id: "entering",
  endpoints: {
    enter: createAuthEndpoint(
      "/enter",
      { method: "POST", body: z.object({ userId: z.string() }) },
      async (context) => {
        const user = await context.context.internalAdapter.findUserById(context.body.userId);
        if (!user) throw new Error("There is no such account.");
        const session = await context.context.internalAdapter.createSession(user.id);
        await setSessionCookie(context, { session, user });
        return context.json({ entered: true });
      },
    ),
  },
};

/** Sign-in over this database, with a secret that all servers on it share. */
async function makeAuth() {
  const secret = await agreedSetting("sign-in secret", newSecret());
  return betterAuth({
    secret,
    // No request of its own is answered: what is asked for here is asked by the app.
    baseURL: process.env.PUBLIC_URL || "http://127.0.0.1",
    database: drizzleAdapter(await database(), {
      provider: "sqlite",
      schema: { user: account, session: signedIn, account: credential, verification },
    }),
    emailAndPassword: { enabled: true, disableSignUp: true, minPasswordLength: 10 },
    user: { additionalFields: { role: { type: "string", required: true, input: false } } },
    session: { expiresIn: SIGNED_IN_FOR },
    advanced: {
      cookiePrefix: "iron-step",
      useSecureCookies: process.env.TLS === "on",
      ipAddress: { disableIpTracking: true },
    },
    telemetry: { enabled: false },
    rateLimit: { enabled: false },
    logger: { disabled: true },
    plugins: [entering, nextCookies()],
  });
}
type Auth = Awaited<ReturnType<typeof makeAuth>>;

const authOf = memoize((_: object) => makeAuth());

/** Sign-in over the database that is open now. */
async function auth(): Promise<Auth> {
  return authOf(await database());
}

/** A name as two that are taken for one another are the same. */
export function plainName(name: string): string {
  return name.normalize("NFKC").trim().replace(/\s+/g, " ").toLowerCase();
}

/** What stands for a name where an address is asked for: names may be of any letters. */
export function addressOfName(name: string): string {
  return `${createHash("sha256").update(plainName(name)).digest("hex").slice(0, 40)}@name.invalid`;
}

/** Who is signed in, by the headers of a request; null: nobody. */
export async function accountOf(of: Headers): Promise<Actor | null> {
  if (!/iron-step\.session_token=/.test(of.get("cookie") ?? "")) return null;
  const found = await (await auth()).api.getSession({
    headers: of,
    query: { disableRefresh: true, disableCookieCache: true },
  });
  if (!found) return null;
  const { id, name, role } = found.user as { id: string; name: string; role: Actor["role"] };
  return { role, name, userId: id, athleteId: null };
}

/** What tries to sign in are counted by: the name from one place, the place, and the name from everywhere. */
function counted(name: string, from: string): Counted[] {
  const who = plainName(name);
  return [
    { key: `name ${who} from ${from}`, free: 3 },
    { key: `from ${from}`, free: 12 },
    { key: `name ${who}`, free: 24 },
  ];
}

export const signInSchema = z.strictObject({
  name: z.string().min(1, "Say who you are.").max(100),
  password: z.string().min(1, "Give your password.").max(200),
});

/** The same whether there is nobody of this name or the password is another one. */
const WRONG = "Name and password do not go together. Who runs the gym can make you a link to a new password.";

/** Signs somebody in by name and password. Each vain try makes the next wait longer. */
export async function signIn({
  name,
  password,
}: z.output<typeof signInSchema>): Promise<{ kind: "in" } | Refused> {
  const of = counted(name, await askedFrom());
  const left = await waitLeft(of);
  if (left > 0) return refuse(`Too many tries. Wait ${waitInWords(left)}.`);
  const asked = await headers();
  try {
    const api = (await auth()).api;
    await write(() => api.signInEmail({ body: { email: addressOfName(name), password }, headers: asked }));
  } catch {
    await countVainTry(of);
    return refuse(WRONG);
  }
  await forgetVainTries(of);
  return { kind: "in" };
}

/** Signs in an account that has been proven by a passkey or a link. */
export async function enter(userId: string): Promise<void> {
  const api = (await auth()).api;
  const asked = await headers();
  await write(() => api.enter({ body: { userId }, headers: asked }));
}

/** Ends this browser's own sign-in. */
export async function signOut(): Promise<void> {
  const api = (await auth()).api;
  const asked = await headers();
  await write(() => api.signOut({ headers: asked })).catch(() => undefined);
}
