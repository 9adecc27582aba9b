import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { setTimeout as wait } from "node:timers/promises";
import { WriteTurns } from "./write-turn";

const folder = mkdtempSync(path.join(tmpdir(), "iron-step-turns-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Who writes how often, each noting when it begins and ends. */
async function written(turns: readonly WriteTurns[], times: number): Promise<string[]> {
  const noted: string[] = [];
  await Promise.all(
    turns.flatMap((of, who) =>
      Array.from({ length: times }, (_, i) =>
        of.run(async () => {
          noted.push(`${who} ${i} begins`);
          await wait(1);
          noted.push(`${who} ${i} ends`);
        }),
      ),
    ),
  );
  return noted;
}

const isOneByOne = (noted: readonly string[]) =>
  noted.every((n, i) => i % 2 === 0 || n === noted[i - 1]!.replace("begins", "ends"));

test("two programs write one after the other, and all of both is done", async () => {
  const file = path.join(folder, "gym.db");
  const turns = [new WriteTurns(file), new WriteTurns(file)];
  const noted = await written(turns, 40);
  expect(noted).toHaveLength(160);
  expect(isOneByOne(noted)).toBe(true);
  for (const t of turns) await t.close();
});

test("a turn that fails ends all the same, and a database elsewhere needs no lock", async () => {
  const here = new WriteTurns(path.join(folder, "other.db"));
  await expect(here.run(() => Promise.reject(new Error("no")))).rejects.toThrow("no");
  expect(await here.run(async () => "done")).toBe("done");
  await here.close();
  const elsewhere = new WriteTurns(null);
  expect(isOneByOne(await written([elsewhere], 5))).toBe(true);
  await elsewhere.close();
});
