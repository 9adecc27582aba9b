import { AsyncLocalStorage } from "node:async_hooks";
import { headers } from "next/headers";
import { deviceOf } from "./devices";
import { may, type Role } from "./rights";

/** Who asks. */
export interface Actor {
  role: Role;
  /** As it stands in logs of who took what out. */
  name: string;
  /** The account; null: a device of nobody's, or nobody signs in here. */
  userId: string | null;
  /** The athlete whose phone it is; null: it is none's. */
  athleteId: string | null;
}

/** What the parts of a page are told of who looks at it. */
export interface Looker {
  name: string;
  /** Whether the pages of the desk are for them, and not the floor or their own alone. */
  hasDesk: boolean;
  /** Whether they have come in, and can leave; not on the one machine that nobody signs in on. */
  isSignedIn: boolean;
}

/** On the one machine that nobody else reaches nobody signs in: who sits there has the gym. */
const ALONE: Actor = { role: "owner", name: "This machine", userId: null, athleteId: null };

/** Whether who comes has to say who they are: always where other machines reach the server (`scripts/reach.mjs`). */
export function isSignInOn(): boolean {
  return process.env.SIGN_IN === "on";
}

const given = new AsyncLocalStorage<Actor | null>();

/** Does something as somebody, whoever has asked for it. */
export function actAs<T>(actor: Actor | null, work: () => T): T {
  return given.run(actor, work);
}

/** Who asks; null: nobody who has come in. @param of headers of the request; absent: those of the one being answered. */
export async function currentActor(of?: Headers): Promise<Actor | null> {
  const set = given.getStore();
  if (set !== undefined) return set;
  if (!isSignInOn()) return ALONE;
  const asked = of ?? (await headers());
  // Loaded where somebody signs in, and not on the one machine where nobody does.
  const { accountOf } = await import("./sign-in");
  return (await accountOf(asked)) ?? (await deviceOf(asked));
}

/** Who looks at a page, as its parts are told. */
export async function currentLooker(): Promise<Looker> {
  const actor = await currentActor();
  return {
    name: actor?.name ?? "",
    hasDesk: may(actor?.role ?? null, "saveSession"),
    isSignedIn: isSignInOn() && actor !== null,
  };
}

/** Where somebody belongs who has come in. */
export function homeOf(actor: Actor): string {
  return actor.role === "athlete" ? "/me" : "/";
}
