import { withTemporaryDatabase } from "../__tests__/database";
import { cookiesOfRequest } from "../__tests__/request";
import { softwareKey } from "../__tests__/software-key";
import {
  addAccountAction,
  askPasskeyAction,
  beginPasskeyAction,
  enterByPasskeyAction,
  keepPasskeyAction,
  removePasskeyAction,
  setPasswordAction,
  signInAction,
} from "../actions/access";
import { accounts, ownerLink } from "./accounts";
import { type Actor, actAs, currentActor } from "./actor";

jest.mock("next/headers", () => jest.requireActual("../__tests__/request").nextHeaders);

withTemporaryDatabase();

const ORIGIN = "http://127.0.0.1:3000";
const LATE = { kind: "refused", message: expect.stringMatching(/took too long, or the key was not made/) };
const browser = cookiesOfRequest();
const PASSWORD = "a stair of six steps";
const signIn = () => signInAction({ name: "Maja Ott", password: PASSWORD });

/** What the server wants signed for a new key of who is signed in. */
async function begun(): Promise<string> {
  const outcome = await beginPasskeyAction({});
  if (outcome.kind !== "begun") throw new Error(outcome.message);
  return outcome.options.challenge;
}

/** What the server wants signed to let somebody in. */
async function asked(): Promise<string> {
  const outcome = await askPasskeyAction({});
  if (outcome.kind !== "asked") throw new Error(outcome.message);
  return outcome.options.challenge;
}

beforeAll(async () => {
  process.env.SIGN_IN = "on";
  const link = (await ownerLink())!;
  await setPasswordAction({ secret: link.path.split("/").at(-1)!, name: "Maja Ott", password: PASSWORD });
});
afterAll(() => {
  delete process.env.SIGN_IN;
});
beforeEach(() => browser.clear());

test("a key that was made while signed in lets in from then on, until it is removed", async () => {
  await signIn();
  const key = softwareKey(ORIGIN);
  expect(await keepPasskeyAction({ signed: key.create(await begun()) })).toEqual({ kind: "kept" });
  browser.clear();
  expect(await currentActor()).toBeNull();
  expect(await enterByPasskeyAction({ signed: key.get(await asked()) })).toEqual({ kind: "in" });
  expect(await currentActor()).toMatchObject({ role: "owner", name: "Maja Ott" });
  await removePasskeyAction(key.get("").id);
  browser.clear();
  expect(await enterByPasskeyAction({ signed: key.get(await asked()) })).toMatchObject(LATE);
  expect(await currentActor()).toBeNull();
});

describe("nobody is let in", () => {
  const key = softwareKey(ORIGIN);
  beforeAll(async () => {
    browser.clear();
    await signIn();
    await keepPasskeyAction({ signed: key.create(await begun()) });
  });

  test("by what was signed before", async () => {
    const signed = key.get(await asked());
    expect(await enterByPasskeyAction({ signed })).toEqual({ kind: "in" });
    browser.clear();
    await asked();
    expect(await enterByPasskeyAction({ signed })).toMatchObject(LATE);
  });

  test("without having been asked, or five minutes later", async () => {
    expect(await enterByPasskeyAction({ signed: key.get("c2VsZi1tYWRl") })).toMatchObject(LATE);
    const challenge = await asked();
    const now = jest.spyOn(Date, "now").mockReturnValue(Date.now() + 5 * 60_000 + 1);
    expect(await enterByPasskeyAction({ signed: key.get(challenge) })).toMatchObject(LATE);
    now.mockRestore();
  });

  test("by what another site had signed, by another's key under the same name, or by nonsense", async () => {
    const { id } = key.get("");
    const elsewhere = softwareKey("http://gym.example", Buffer.from(id, "base64url"));
    expect(await enterByPasskeyAction({ signed: elsewhere.get(await asked()) })).toMatchObject(LATE);
    const forged = softwareKey(ORIGIN, Buffer.from(id, "base64url"));
    expect(await enterByPasskeyAction({ signed: forged.get(await asked()) })).toMatchObject(LATE);
    await asked();
    expect(await enterByPasskeyAction({ signed: { id } })).toMatchObject(LATE);
    expect(await currentActor()).toBeNull();
  });

  test("by a copy that has signed less often than the key", async () => {
    for (let i = 0; i < 3; i++)
      expect(await enterByPasskeyAction({ signed: key.get(await asked()) })).toEqual({ kind: "in" });
    key.goBack(2);
    expect(await enterByPasskeyAction({ signed: key.get(await asked()) })).toMatchObject(LATE);
  });
});

test("a key is for who made it: nobody else makes it theirs or removes it", async () => {
  await signIn();
  const key = softwareKey(ORIGIN);
  await keepPasskeyAction({ signed: key.create(await begun()) });
  await addAccountAction({ name: "Teo Lind", role: "coach" });
  const { id } = (await accounts()).find((a) => a.name === "Teo Lind")!;
  const teo: Actor = { role: "coach", name: "Teo Lind", userId: id, athleteId: null };
  const again = softwareKey(ORIGIN, Buffer.from(key.get("").id, "base64url"));
  await actAs(teo, async () =>
    expect(await keepPasskeyAction({ signed: again.create(await begun()) })).toMatchObject(LATE),
  );
  await actAs(teo, () => removePasskeyAction(key.get("").id));
  browser.clear();
  expect(await enterByPasskeyAction({ signed: key.get(await asked()) })).toEqual({ kind: "in" });
  expect(await currentActor()).toMatchObject({ name: "Maja Ott" });
});

test("a key needs an account: a device without one makes none", async () => {
  const device: Actor = { role: "coach", name: "Tablet", userId: null, athleteId: null };
  expect(await actAs(device, () => beginPasskeyAction({}))).toMatchObject({ kind: "refused" });
});
