import { withTemporaryDatabase } from "../__tests__/database";
import { cookiesOfRequest } from "../__tests__/request";
import {
  addAccountAction,
  changePasswordAction,
  changeRoleAction,
  endSignedInAction,
  removeAccountAction,
  setPasswordAction,
  signInAction,
  signOutAction,
} from "../actions/access";
import { accounts, openLink, ownerLink } from "./accounts";
import { currentActor } from "./actor";
import { waitAfter } from "./vain-tries";

jest.mock("next/headers", () => jest.requireActual("../__tests__/request").nextHeaders);
jest.mock("next/navigation", () => ({
  redirect: (to: string) => {
    throw new Error(`to ${to}`);
  },
}));

withTemporaryDatabase();

const PASSWORD = "a stair of six steps";
const browser = cookiesOfRequest();
const secretOf = (path: string) => path.split("/").at(-1)!;
/** Somebody else's browser, or this one anew. */
const leave = () => browser.clear();

beforeAll(() => {
  process.env.SIGN_IN = "on";
});
afterAll(() => {
  delete process.env.SIGN_IN;
});
beforeEach(leave);

/** Makes the first owner, and leaves. */
async function owned(): Promise<void> {
  const link = await ownerLink();
  if (!link) return;
  expect(
    await setPasswordAction({ secret: secretOf(link.path), name: "Maja Ott", password: PASSWORD }),
  ).toEqual({ kind: "in" });
}
const signIn = (name = "Maja Ott", password = PASSWORD) => signInAction({ name, password });

test("the first owner comes in by a link that works once", async () => {
  const link = (await ownerLink())!;
  const secret = secretOf(link.path);
  expect(await openLink(secret)).toEqual({ name: null });
  expect(await currentActor()).toBeNull();
  expect(await setPasswordAction({ secret, name: "Maja Ott", password: "short" })).toMatchObject({
    kind: "refused",
    message: expect.stringMatching(/password: .*ten/),
  });
  expect(await setPasswordAction({ secret, name: "Maja Ott", password: "we are maja ott" })).toMatchObject({
    kind: "refused",
  });
  await owned();
  expect(await currentActor()).toMatchObject({ role: "owner", name: "Maja Ott" });
  expect(await setPasswordAction({ secret, name: "Mallory", password: PASSWORD })).toMatchObject({
    kind: "refused",
  });
  expect(await ownerLink()).toBeNull();
});

test("a link that is newer ends the one before, and nothing else is one", async () => {
  expect(await openLink("nothing-like-it")).toBeNull();
  expect(await openLink("x".repeat(500))).toBeNull();
});

test("who knows name and password is in until they leave; the name may be typed in any case", async () => {
  await owned();
  leave();
  expect(await signIn("  maja   OTT ")).toEqual({ kind: "in" });
  expect(browser.attributesOf(/session_token/)).toMatch(/HttpOnly/i);
  expect(browser.attributesOf(/session_token/)).toMatch(/SameSite=Lax/i);
  expect(await currentActor()).toMatchObject({ role: "owner" });
  const kept = browser.header();
  await expect(signOutAction({})).rejects.toThrow("to /sign-in");
  leave();
  // Also who has kept the cookie is out.
  browser.set(kept);
  expect(await currentActor()).toBeNull();
});

test("a cookie that somebody made up is nobody", async () => {
  for (const cookie of [
    "iron-step.session_token=abc.def",
    "iron-step-device=abcdefghijklmnopqrstuvwxyz",
    "iron-step.session_token=",
  ]) {
    browser.set(cookie);
    expect(await currentActor()).toBeNull();
  }
});

test("a wrong name and a wrong password are told the same, and each further try has to wait longer", async () => {
  await owned();
  leave();
  const wrong = await signIn("Maja Ott", "not this one at all");
  expect(wrong).toEqual(await signIn("Nobody At All", "not this one at all"));
  expect(wrong).toMatchObject({ kind: "refused" });
  await signIn("Maja Ott", "nor this one");
  await signIn("Maja Ott", "nor that one");
  expect(await signIn()).toMatchObject({
    message: expect.stringMatching(/Too many tries. Wait \d+ seconds/),
  });
  const waits = [1, 2, 3, 4, 5, 6, 20].map((n) => waitAfter(n, 3));
  expect(waits).toEqual([0, 0, 2000, 4000, 8000, 16_000, 900_000]);
  // From elsewhere the owner still comes in.
  browser.from("10.0.0.9");
  expect(await signIn()).toEqual({ kind: "in" });
  browser.from("10.0.0.1");
});

describe("people of the gym", () => {
  const add = (name: string, role: "coach" | "assistant" | "owner" = "coach") =>
    addAccountAction({ name, role });

  beforeEach(async () => {
    await owned();
    leave();
    browser.from(`10.0.1.${Math.floor(Math.random() * 250)}`);
    await signIn();
  });

  test("somebody is added with a link, chooses a password, and is what the owner says", async () => {
    const added = await add("Teo Lind");
    if (added.kind !== "added") throw new Error(added.message);
    expect(await add("teo  LIND")).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(/^name:/),
    });
    expect((await accounts()).find((a) => a.name === "Teo Lind")).toMatchObject({ hasPassword: false });
    leave();
    expect(await signIn("Teo Lind", "anything at all")).toMatchObject({ kind: "refused" });
    await setPasswordAction({ secret: secretOf(added.link.path), password: "kettle bell swing" });
    expect(await currentActor()).toMatchObject({ role: "coach", name: "Teo Lind" });
    // A coach lets nobody else in.
    expect(await add("Third")).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(/not for you/),
    });
  });

  test("what somebody is can be changed, and ends where they are signed in", async () => {
    const added = await add("Ines Roth");
    if (added.kind !== "added") throw new Error(added.message);
    const owner = browser.header();
    leave();
    await setPasswordAction({ secret: secretOf(added.link.path), password: "kettle bell swing" });
    const coach = browser.header();
    browser.set(owner);
    const { id } = (await accounts()).find((a) => a.name === "Ines Roth")!;
    expect(await changeRoleAction({ userId: id, role: "assistant" })).toEqual({ kind: "changed" });
    browser.set(coach);
    expect(await currentActor()).toBeNull();
    await signIn("Ines Roth", "kettle bell swing");
    expect(await currentActor()).toMatchObject({ role: "assistant" });
    browser.set(owner);
    expect(await removeAccountAction(id)).toEqual({ kind: "removed" });
    expect((await accounts()).some((a) => a.id === id)).toBe(false);
  });

  test("the last owner stays", async () => {
    const own = (await currentActor())!.userId!;
    expect(await removeAccountAction(own)).toMatchObject({ kind: "refused" });
    expect(await changeRoleAction({ userId: own, role: "coach" })).toMatchObject({ kind: "refused" });
  });

  test("a password is changed by who knows the one before, and ends every other sign-in", async () => {
    const first = browser.header();
    leave();
    await signIn();
    expect(await changePasswordAction({ before: "wrong one", password: "another long one" })).toMatchObject({
      message: expect.stringMatching(/^before:/),
    });
    expect(await changePasswordAction({ before: PASSWORD, password: "another long one" })).toEqual({
      kind: "changed",
    });
    expect(await currentActor()).toMatchObject({ role: "owner" });
    browser.set(first);
    expect(await currentActor()).toBeNull();
    leave();
    await signIn("Maja Ott", "another long one");
    await changePasswordAction({ before: "another long one", password: PASSWORD });
  });

  test("where somebody is signed in is listed, and one ends their own and not others'", async () => {
    const added = await add("Pia Berg");
    if (added.kind !== "added") throw new Error(added.message);
    const ownerAt = (await accounts()).find((a) => a.role === "owner")!.signedIn[0]!.id;
    leave();
    await setPasswordAction({ secret: secretOf(added.link.path), password: "kettle bell swing" });
    await endSignedInAction(ownerAt);
    const at = (await accounts()).find((a) => a.role === "owner")!.signedIn.map((s) => s.id);
    expect(at).toContain(ownerAt);
    const own = (await accounts()).find((a) => a.name === "Pia Berg")!.signedIn;
    await endSignedInAction(own[0]!.id);
    expect(await currentActor()).toBeNull();
  });
});
