import { eq } from "drizzle-orm";
import { shippedCatalog as catalog } from "@/catalog";
import { write } from "@/data/database";
import { session as sessionTable } from "@/data/schema";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { openSession, saveSessionAction, wholePlanOf } from "../__tests__/now";
import { orderRacks } from "./order-racks";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

const ID = "tomorrow-masters";

async function opened() {
  const found = await openSession(ID);
  if (!found.ok) throw new Error("not opened");
  return found.value;
}

test("a session's bars are ordered as it says, everybody's sets once", async () => {
  const { session, revision, gym } = await opened();
  const saved = await saveSessionAction({
    revision,
    session: { ...session, racks: { count: 5, loaders: 2, stock: "room" } },
  });
  expect(saved.kind).toBe("saved");
  const again = await opened();
  expect(again.session.racks).toEqual({ count: 5, loaders: 2, stock: "room" });
  const plan = await wholePlanOf(again);
  const { lifters, orders } = orderRacks(again.session, plan, gym, catalog)!;
  expect(orders).toHaveLength(5);
  expect(orders.flatMap((o) => o.lifters).toSorted((a, b) => a - b)).toEqual(lifters.map((_, i) => i));
  for (const { lifters: here, best } of orders) {
    const sets = here.reduce((sum, i) => sum + lifters[i]!.sets.length, 0);
    expect(best.turns).toHaveLength(sets);
  }
});

test.each([
  [{ count: 0, loaders: 1, stock: "rack" }, /Give 1 to 60 racks/],
  [{ count: 61, loaders: 1, stock: "rack" }, /Give 1 to 60 racks/],
  [{ count: 2, loaders: 3, stock: "rack" }, /loaders/],
  [{ count: 2, loaders: 1, stock: "cellar" }, /stock/],
])("%j is refused with the field, and nothing is stored", async (racks, message) => {
  const { session, revision } = await opened();
  const outcome = await saveSessionAction({ revision, session: { ...session, racks } });
  expect(outcome).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
  expect((await opened()).session.racks).toEqual(session.racks);
});

test("a session that was stored before racks were has the usual ones", async () => {
  await write(async (db) => {
    const [row] = await db.select().from(sessionTable).where(eq(sessionTable.id, ID));
    const { racks: _, ...content } = JSON.parse(row!.content);
    await db
      .update(sessionTable)
      .set({ content: JSON.stringify(content) })
      .where(eq(sessionTable.id, ID));
  });
  expect((await opened()).session.racks).toEqual({ count: null, loaders: 1, stock: "rack" });
});
