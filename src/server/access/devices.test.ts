import { readDevice } from "@/data/access/devices";
import { eraseAthlete } from "@/data/erase-athlete";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { coach, codeFor, withSignInOn } from "../__tests__/pairing";
import { cookiesOfRequest } from "../__tests__/request";
import {
  endDeviceAction,
  nameDeviceAction,
  pairDeviceAction,
  showCodeAction,
  signOutAction,
} from "../actions/access";
import { actAs, currentActor } from "./actor";
import { devices } from "./devices";
import { ownCard, ownPage } from "./own";
import { codeAsMeant, hashOf, newCode } from "./secrets";

jest.mock("next/headers", () => jest.requireActual("../__tests__/request").nextHeaders);
jest.mock("next/navigation", () => ({
  redirect: (to: string) => {
    throw new Error(`to ${to}`);
  },
}));

withTemporaryDatabase();
withSignInOn();

const browser = cookiesOfRequest();
const pair = (code: string, name = "Tablet at rack 2") => pairDeviceAction({ code, name });

beforeAll(() => seedDemo(new Date()));
beforeEach(() => {
  browser.clear();
  browser.from(`10.1.${Math.floor(Math.random() * 250)}.${Math.floor(Math.random() * 250)}`);
});

test("a code lets one device in, once, as what it was shown for", async () => {
  const code = await codeFor({ role: "assistant" });
  expect(await pair(code.toLowerCase().replace(/(...)/, "$1 "))).toEqual({
    kind: "paired",
    role: "assistant",
  });
  expect(await currentActor()).toMatchObject({
    role: "assistant",
    name: "Tablet at rack 2",
    athleteId: null,
  });
  expect(browser.attributesOf(/device/)).toMatch(/httpOnly.*sameSite=lax/);
  browser.clear();
  expect(await pair(code)).toMatchObject({ kind: "refused", message: expect.stringMatching(/^code:/) });
});

test("a code ends after ten minutes", async () => {
  const code = await codeFor();
  const now = jest.spyOn(Date, "now").mockReturnValue(Date.now() + 10 * 60_000 + 1);
  expect(await pair(code)).toMatchObject({ kind: "refused" });
  now.mockRestore();
});

test("codes are not guessed: after a few tries each has to wait longer", async () => {
  const tries: string[] = [];
  for (let i = 0; i < 6; i++) {
    const outcome = await pair(newCode());
    tries.push(outcome.kind === "refused" ? outcome.message : "in");
  }
  expect(tries[0]).toMatch(/^code:/);
  expect(tries.at(-1)).toMatch(/Too many codes tried. Wait/);
  // It waits with the right one too.
  expect(await pair(await codeFor())).toMatchObject({ kind: "refused" });
});

test("codes have no signs that are taken for one another, and none is another's", () => {
  const codes = Array.from({ length: 500 }, newCode);
  expect(codes.every((c) => /^[A-HJ-NP-Z2-9]{6}$/.test(c))).toBe(true);
  expect(new Set(codes).size).toBe(500);
  expect(codeAsMeant(" ab-c 2d3 ")).toBe("ABC2D3");
});

test("devices are listed, named and ended; what is ended is nobody", async () => {
  await pair(await codeFor(), "Tablet");
  const [listed] = await devices();
  expect(listed).toMatchObject({ name: "Tablet", role: "coach", of: null });
  expect(await nameDeviceAction({ id: listed!.id, name: "Tablet at the door" })).toEqual({ kind: "named" });
  expect((await devices())[0]!.name).toBe("Tablet at the door");
  await actAs(coach, () => endDeviceAction(listed!.id));
  expect(await currentActor()).toBeNull();
  expect(await nameDeviceAction({ id: listed!.id, name: "Again" })).toMatchObject({ kind: "refused" });
});

test("a device that leaves is gone, and what its browser kept lets nobody in", async () => {
  await pair(await codeFor());
  const kept = browser.header();
  const secret = /iron-step-device=([^;]+)/.exec(kept)![1]!;
  expect(await readDevice(hashOf(secret))).not.toBeNull();
  await expect(signOutAction({})).rejects.toThrow("to /sign-in");
  browser.set(kept);
  expect(await currentActor()).toBeNull();
});

describe("an athlete's own phone", () => {
  const own = async () => {
    await pair(await codeFor({ role: "athlete", athleteId: "ilse" }), "Ilse's phone");
    return (await currentActor())!;
  };

  test("is that athlete and nobody else: their sessions with their cards, what is asked of them", async () => {
    const actor = await own();
    expect(actor).toMatchObject({ role: "athlete", athleteId: "ilse" });
    const page = (await ownPage(actor.athleteId!))!;
    expect(page.name).toBe("Ilse Maartens");
    expect(page.sessions.length).toBeGreaterThan(0);
    const { id } = page.sessions[0]!;
    const card = await ownCard(id, "ilse");
    expect(card).toMatch(/^\/card\/[\w-]{20,}$/);
    expect(await ownCard(id, "ilse")).toBe(card);
    // Of a session of others there is none.
    expect(await ownCard("today-masters", "ilse")).toBeNull();
    expect(await ownPage("nobody")).toBeNull();
  });

  test("shows no codes, and is nobody's when the athlete is erased", async () => {
    await own();
    expect(await showCodeAction({ role: "coach" })).toMatchObject({ kind: "refused" });
    expect(await actAs(coach, () => showCodeAction({ role: "athlete", athleteId: "gone" }))).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(/no longer there/),
    });
    await eraseAthlete("ilse");
    expect(await currentActor()).toBeNull();
  });
});
