import { damageSeen, noteDamage } from "./damage-seen";

const error = (code: string) => Object.assign(new Error("no"), { code });

test("damage that was met is told for a minute, and longer where it is met again", () => {
  expect(damageSeen(0)).toBe(false);
  noteDamage(error("SQLITE_CORRUPT"), 1000);
  expect([damageSeen(2000), damageSeen(60_999), damageSeen(61_000)]).toEqual([true, true, false]);
  noteDamage(error("SQLITE_NOTADB"), 70_000);
  expect(damageSeen(120_000)).toBe(true);
});

test("what is busy or full is no damage, and neither is a mistake", () => {
  noteDamage(error("SQLITE_BUSY"), 500_000);
  noteDamage(error("SQLITE_FULL"), 500_000);
  noteDamage(new TypeError("no"), 500_000);
  expect(damageSeen(500_001)).toBe(false);
});
