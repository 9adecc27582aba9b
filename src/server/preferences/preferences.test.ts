import { shippedCatalog } from "@/catalog";
import { drillById } from "@/core/catalog";
import { together, write } from "@/data/database";
import { preference, session, sessionAthlete, warmUp } from "@/data/schema";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { answerQuestionAction, removeLiftWishAction } from "../actions/preferences";
import { openAthlete } from "../athletes/athletes";
import { openCatalog } from "../library/catalog";
import { wishesOfDrill } from "../library/wishes";
import { openWarmUp } from "../sessions/open-session";
import { openQuestion } from "./preferences";

withTemporaryDatabase();

const ATHLETE = "ilse";
const DRILL = "calf-roll";
const asked = () => openQuestion(ATHLETE, shippedCatalog);
const answer = (over = {}) =>
  answerQuestionAction({
    ...{ athleteId: ATHLETE, drill: DRILL, kind: "never", scope: "athlete", lift: "back-squat" },
    ...over,
  } as Parameters<typeof answerQuestionAction>[0]);

/** Sessions of one athlete in which a drill was taken out, one a day. */
async function takenOut(times: number): Promise<void> {
  const opened = await openWarmUp("tomorrow-pilots", ATHLETE, shippedCatalog);
  if (!opened.ok) throw new Error("not opened");
  const { draft } = opened.value.member;
  const days = Array.from({ length: times }, (_, i) => `2199-01-0${i + 1}`);
  await write((db) =>
    together(db, [
      db.insert(session).values(
        days.map((day) => ({
          ...{ id: `s${day}`, name: "S", day, time: null, gymId: opened.value.gym.id, groupId: "pilots" },
          ...{ content: "{}", updatedAt: 1 },
        })),
      ),
      db
        .insert(sessionAthlete)
        .values(days.map((day) => ({ sessionId: `s${day}`, athleteId: ATHLETE, place: 0 }))),
      db.insert(warmUp).values(
        days.map((day) => ({
          ...{ sessionId: `s${day}`, athleteId: ATHLETE, revision: 1, updatedAt: 1 },
          draft: JSON.stringify({ ...draft, dropped: [DRILL] }),
          given: JSON.stringify({ ...draft, dropped: [] }),
        })),
      ),
    ]),
  );
}

beforeAll(async () => {
  await seedDemo(new Date());
  expect(await asked()).toBeNull();
  await takenOut(3);
});
beforeEach(() => write((db) => db.delete(preference)));

test("what was taken out three times is asked about, with the lift and the group it may count for", async () => {
  expect(await asked()).toMatchObject({
    ...{ drill: DRILL, kind: "never", times: 3, name: drillById(shippedCatalog, DRILL)!.name },
    group: { id: "pilots", name: "Harbour pilots" },
  });
  expect(await openQuestion("nobody", shippedCatalog)).toBeNull();
});

test("no is kept: it is not asked again", async () => {
  expect(await answer({ scope: "none" })).toMatchObject({ kind: "answered" });
  expect(await asked()).toBeNull();
  expect((await openAthlete(ATHLETE))!.draft.wishes?.never ?? []).not.toContain(DRILL);
});

test("for a lift it counts before that one, and can be taken back", async () => {
  expect(await answer({ scope: "lift" })).toMatchObject({
    custom: { liftWishes: { "back-squat": { never: [DRILL], favourites: [] } } },
  });
  expect((await openCatalog()).custom.liftWishes).toEqual({
    "back-squat": { never: [DRILL], favourites: [] },
  });
  expect(await removeLiftWishAction({ lift: "back-squat", drill: DRILL, kind: "never" })).toMatchObject({
    kind: "removed",
  });
  expect((await openCatalog()).custom.liftWishes).toBeUndefined();
});

test("for the group it is with what the group wishes", async () => {
  await answer({ scope: "group" });
  const wished = await wishesOfDrill(DRILL);
  expect(wished.find((w) => w.id === "pilots")!.wish).toBe("never");
  expect(wished.find((w) => w.id === "masters")!.wish).toBe("usual");
});

test("for the athlete it is with what the athlete wishes, and not asked about again", async () => {
  await answer();
  expect((await openAthlete(ATHLETE))!.draft.wishes!.never).toContain(DRILL);
  await write((db) => db.delete(preference));
  expect(await asked()).toBeNull();
});

test.each([
  [{ scope: "lift", lift: null }, /lift/],
  [{ drill: "juggling" }, /drill/],
  [{ athleteId: "nobody" }, /no longer there/],
])("%j is refused", async (over, message) => {
  expect(await answer(over)).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
});
