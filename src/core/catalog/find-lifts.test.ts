import { shippedCatalog as catalog } from "@/catalog";
import { findLifts } from ".";

const { lifts } = catalog;
const ANY = { text: "", demand: null, implement: null };

test("nothing looked for: all of them as they come", () => {
  expect(findLifts(lifts, ANY)).toEqual(lifts);
});

test("every word must stand in the name, whatever its case and accents", () => {
  const found = findLifts(lifts, { ...ANY, text: "SQUAT báck" }).map((l) => l.name);
  expect(found).toEqual(expect.arrayContaining(["Back squat", "Low-bar back squat"]));
  expect(found).not.toContain("Front squat");
  expect(findLifts(lifts, { ...ANY, text: "squat without a name" })).toEqual([]);
});

test("by what they ask for, the most first, and by what they are loaded with", () => {
  const found = findLifts(lifts, { ...ANY, demand: "ankle-dorsiflexion" });
  const asked = found.map((l) => l.asks["ankle-dorsiflexion"] ?? 0);
  expect(asked.length).toBeGreaterThan(3);
  expect(asked.every((a) => a > 0)).toBe(true);
  expect(asked).toEqual(asked.toSorted((a, b) => b - a));
  const dumbbells = findLifts(lifts, { ...ANY, implement: "dumbbells" });
  expect(dumbbells.length).toBeGreaterThan(0);
  expect(dumbbells.every((l) => l.implement === "dumbbells")).toBe(true);
});
