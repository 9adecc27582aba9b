import { addDays } from "date-fns";
import { seedDemo } from "@/demo/seed";
import { isoDay } from "@/lib/iso-day";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  openByAddress,
  openSession,
  removeSessionAction,
  restoreAction,
  saveSessionAction,
  shareCardsAction,
  stopSharingCardsAction,
} from "../__tests__/now";
import { cardAddressesOf, sharedCards } from "./card-addresses";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

const sessionId = "today-masters";

async function tokenOf(athleteId: string) {
  return (await cardAddressesOf(sessionId)).get(athleteId)!.path.replace("/card/", "");
}

async function moveTo(day: string) {
  const opened = await openSession(sessionId);
  if (!opened.ok) throw new Error("not opened");
  const { session, revision } = opened.value;
  await saveSessionAction({ revision, session: { ...session, day } });
}

afterEach(async () => {
  await moveTo(isoDay(new Date()));
  await stopSharingCardsAction({ sessionId, athleteIds: ["mei", "rashid"] });
});

test("each has its own, for those who are there, and it is gone once revoked", async () => {
  await shareCardsAction({ sessionId, athleteIds: ["rashid", "mei", "nobody"] });
  const addresses = await cardAddressesOf(sessionId);
  expect([...addresses.keys()].sort()).toEqual(["mei", "rashid"]);
  const mei = await tokenOf("mei");
  expect(mei).not.toBe(await tokenOf("rashid"));
  expect((await openByAddress(mei))?.member.athlete.id).toBe("mei");
  await shareCardsAction({ sessionId, athleteIds: ["mei"] });
  expect(await tokenOf("mei")).toBe(mei);
  await stopSharingCardsAction({ sessionId, athleteIds: ["mei"] });
  expect(await openByAddress(mei)).toBeNull();
  expect(await openByAddress("x".repeat(200))).toBeNull();
});

test("they end a week after the session, and are not made for one longer ago", async () => {
  await shareCardsAction({ sessionId, athleteIds: ["mei"] });
  const mei = await tokenOf("mei");
  await moveTo(isoDay(addDays(new Date(), -7)));
  expect(await openByAddress(mei)).not.toBeNull();
  expect(await sharedCards()).toMatchObject([{ id: sessionId, lastDay: isoDay(new Date()) }]);
  await moveTo(isoDay(addDays(new Date(), -8)));
  expect(await openByAddress(mei)).toBeNull();
  expect(await sharedCards()).toEqual([]);
  expect(await shareCardsAction({ sessionId, athleteIds: ["rashid"] })).toMatchObject({
    kind: "refused",
    message: expect.stringMatching(/a week after/),
  });
});

test("those in force are listed by session with whose they are", async () => {
  expect(await sharedCards()).toEqual([]);
  await shareCardsAction({ sessionId, athleteIds: ["rashid", "mei"] });
  const [shared, ...others] = await sharedCards();
  expect(others).toEqual([]);
  expect(shared!.athletes.map((a) => a.id)).toEqual(["mei", "rashid"]);
  expect(shared!.lastDay).toBe(isoDay(addDays(new Date(), 7)));
});

test("a deleted session that comes back has them again", async () => {
  await shareCardsAction({ sessionId, athleteIds: ["mei"] });
  const mei = await tokenOf("mei");
  const removed = await removeSessionAction(sessionId);
  if (removed.kind !== "removed") throw new Error("not removed");
  expect(await openByAddress(mei)).toBeNull();
  expect(await restoreAction(removed.token)).toMatchObject({ kind: "restored" });
  expect((await openByAddress(mei))?.member.athlete.id).toBe("mei");
});
