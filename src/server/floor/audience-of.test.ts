import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { type Actor, actAs } from "../access/actor";
import { cardTokenFor, stopSharingCards } from "../cards/card-addresses";
import type { Audience } from "./audience";
import { cardAudience, floorAudience, mayHearFloor, wallAudience } from "./audience-of";
import { shareWall, stopSharingWall } from "./wall-address";

withTemporaryDatabase();

const SESSION = "today-masters";
const ATHLETE = "consuelo";
const request = new Request("http://127.0.0.1/api/floor/today-masters");
const as = (role: Actor["role"]): Actor => ({ role, name: role, userId: null, athleteId: null });

/** What an address lets somebody see, and whether it still does once it has been revoked. */
async function opened(ask: typeof cardAudience, token: string, revoke: () => Promise<unknown>) {
  let seen: { session: string; audience: Audience; before: boolean; after: boolean } | null = null;
  const answer = await ask(token, async (session, audience, mayStill) => {
    const before = await mayStill();
    await revoke();
    seen = { session, audience, before, after: await mayStill() };
    return new Response("open");
  });
  return { status: answer.status, seen };
}

beforeAll(() => seedDemo(new Date()));

test("a card's address lets its athlete in, as that athlete, until it is revoked", async () => {
  const token = await cardTokenFor(SESSION, ATHLETE);
  const revoke = () => stopSharingCards({ sessionId: SESSION, athleteIds: [ATHLETE] });
  expect(await opened(cardAudience, token, revoke)).toEqual({
    status: 200,
    seen: { session: SESSION, audience: { kind: "athlete", id: ATHLETE }, before: true, after: false },
  });
  expect((await opened(cardAudience, token, revoke)).status).toBe(404);
});

test("a wall's address shows what was chosen for it, until it is revoked", async () => {
  const { path } = await shareWall({ sessionId: SESSION, hasWeights: false, hasNames: true });
  const token = path.split("/").at(-1)!;
  const audience = { kind: "wall", hasWeights: false, hasNames: true };
  expect(await opened(wallAudience, token, () => stopSharingWall(SESSION))).toEqual({
    status: 200,
    seen: { session: SESSION, audience, before: true, after: false },
  });
  for (const wrong of [token, "", "x".repeat(5000)]) {
    const answer = await opened(wallAudience, wrong, async () => undefined);
    expect(answer).toEqual({ status: 404, seen: null });
  }
});

test.each([
  ["owner", "coach", true],
  ["coach", "coach", true],
  ["assistant", "assistant", true],
  ["athlete", "assistant", false],
] as const)("an %s runs a session as %s, and hears it: %s", async (role, kind, hears) => {
  await actAs(as(role), async () => {
    expect(await floorAudience()).toEqual({ kind });
    expect(await mayHearFloor(request)).toBe(hears);
  });
});

test("nobody hears a session", async () => {
  await actAs(null, async () => expect(await mayHearFloor(request)).toBe(false));
});
