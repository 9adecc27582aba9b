import { eq } from "drizzle-orm";
import { USUAL_SETTINGS } from "@/core/gym";
import { write } from "@/data/database";
import { gym } from "@/data/schema";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { listCalendar, saveGymAction } from "../__tests__/now";
import { gymSettings, openGymKit } from "./gym-kit";

withTemporaryDatabase();
beforeAll(() => seedDemo(new Date()));

const save = async (settings: unknown) => {
  const { gym: kit, revision } = (await openGymKit())!;
  return saveGymAction({ revision, gym: { ...kit, settings } });
};

test("a gym says times and weeks as usual until it is told how", async () => {
  expect(await gymSettings()).toEqual(USUAL_SETTINGS);
  expect((await listCalendar("2026-02-04", "week")).first).toBe("2026-02-02");
  const settings = { clock: 12, weekStart: 0, paper: "letter", lengths: "in" } as const;
  expect(await save(settings)).toMatchObject({ kind: "saved" });
  expect(await gymSettings()).toEqual({ ...USUAL_SETTINGS, ...settings });
  // The week of that Wednesday begins on Sunday then.
  expect((await listCalendar("2026-02-04", "week")).first).toBe("2026-02-01");
});

test.each([{ clock: 13 }, { weekStart: 3 }, { paper: "a5" }, { lengths: "miles" }])(
  "%j is refused",
  async (bad) => {
    expect(await save({ ...USUAL_SETTINGS, ...bad })).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(new RegExp(`settings.${Object.keys(bad)[0]}`)),
    });
  },
);

test("what is stored and cannot be read counts as usual, and takes nothing else with it", async () => {
  const { gym: kit } = (await openGymKit())!;
  await write((db) =>
    db
      .update(gym)
      .set({ settings: { clock: "round" } })
      .where(eq(gym.id, kit.id)),
  );
  expect(await gymSettings()).toEqual(USUAL_SETTINGS);
  expect((await openGymKit())!.gym).toMatchObject({ name: kit.name, settings: undefined });
});
