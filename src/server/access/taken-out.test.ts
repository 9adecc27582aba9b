import { addTakenOut, listTakenOut } from "@/data/access/taken-out";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { actAs } from "./actor";
import { dataFileOf } from "./own";
import { personFile } from "./person-files";
import { noteTakenOut, takenOutLately } from "./taken-out";

withTemporaryDatabase();

const coach = { role: "coach" as const, name: "Teo", userId: null, athleteId: null };

test("who took what out is written down, the newest first", async () => {
  await actAs(coach, () => noteTakenOut("All of athletes.csv"));
  await new Promise((resolve) => setTimeout(resolve, 2));
  await noteTakenOut("Full backup");
  expect((await takenOutLately()).map((t) => [t.who, t.what])).toEqual([
    ["This machine", "Full backup"],
    ["Teo", "All of athletes.csv"],
  ]);
});

test("the log keeps the last thousand lines", async () => {
  for (let i = 0; i < 1010; i++) await addTakenOut({ id: `line-${i}`, at: i, who: "Teo", what: `${i}` });
  const kept = await listTakenOut(5000);
  expect(kept).toHaveLength(1000);
  expect(kept.some((t) => t.what === "5")).toBe(false);
});

test("everything of one person is in their file, and nothing of another", async () => {
  await seedDemo(new Date());
  const file = (await dataFileOf("ilse"))!;
  const content = JSON.parse(file.text);
  expect(content).toMatchObject({
    format: "iron-step-person",
    version: 1,
    athlete: { name: "Ilse Maartens" },
  });
  expect(Object.keys(content.record)).toEqual(["tests", "trials", "followUps", "sessions", "sets"]);
  expect(file.text).not.toMatch(/Rashid|Adaeze/);
  expect(await dataFileOf("nobody")).toBeNull();
  const answer = await personFile("ilse");
  expect(answer.headers.get("content-disposition")).toContain("Ilse%20Maartens.json");
  expect((await takenOutLately())[0]!.what).toBe("All data of Ilse Maartens, JSON");
  expect((await personFile("nobody")).status).toBe(404);
});
