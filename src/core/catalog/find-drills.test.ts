import { shippedCatalog as catalog } from "@/catalog";
import { findDrills } from ".";

const { drills } = catalog;
const ANY = { text: "", phase: null, demand: null };

test("nothing looked for: all of them by name", () => {
  const all = findDrills(drills, ANY);
  expect(all).toHaveLength(drills.length);
  expect(all.map((d) => d.name)).toEqual(drills.map((d) => d.name).sort((a, b) => a.localeCompare(b, "en")));
});

test("all words must stand somewhere, whatever their case and accents; names come first", () => {
  const found = findDrills(drills, { ...ANY, text: "GLUTE brídge" });
  expect(found.length).toBeGreaterThan(0);
  expect(found[0]!.name).toMatch(/glute bridge/i);
  for (const d of found) {
    const said = [d.name, d.how, ...d.cues, ...d.faults].join(" ").toLowerCase();
    expect(said).toContain("glute");
    expect(said).toContain("bridge");
  }
  expect(findDrills(drills, { ...ANY, text: "no such drill anywhere" })).toEqual([]);
});

test("by phase and by what they serve, the most first", () => {
  const found = findDrills(drills, { text: "", phase: "mobilise", demand: "ankle-dorsiflexion" });
  expect(found.length).toBeGreaterThan(2);
  for (const d of found) expect(d.phases).toContain("mobilise");
  const served = found.map((d) => d.serves["ankle-dorsiflexion"] ?? 0);
  expect(served.every((s) => s > 0)).toBe(true);
  expect(served).toEqual(served.toSorted((a, b) => b - a));
});
