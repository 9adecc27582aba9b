import { shippedCatalog as catalog } from "@/catalog";
import { drillById, isMeant } from ".";

const is = (id: string, filter: Parameters<typeof isMeant>[1]) => isMeant(drillById(catalog, id)!, filter);

test("a filter without conditions means every drill", () => {
  expect(catalog.drills.every((d) => isMeant(d, {}))).toBe(true);
});

test.each<[string, string, Parameters<typeof isMeant>[1], boolean]>([
  ["its id", "bird-dog", { ids: ["bird-dog", "dead-bug"] }, true],
  ["another id", "bird-dog", { ids: ["dead-bug"] }, false],
  ["what it serves well", "neck-circles", { serves: ["neck"] }, true],
  ["what it serves a little", "easy-row", { serves: ["hip-flexion"] }, false],
  ["its load", "banded-squat", { loads: ["band"] }, true],
  ["another load", "banded-squat", { loads: ["none", "empty-bar"] }, false],
  ["its position", "plank-slides", { positions: ["plank"] }, true],
  ["kit that would do for it", "stick-pass-through", { equipment: ["towel"] }, true],
  ["kit that it has no use for", "stick-pass-through", { equipment: ["rower"] }, false],
  ["help", "assisted-squat", { assisted: true }, true],
  ["no help", "assisted-squat", { assisted: false }, false],
  ["being a stretch", "butterfly", { stretch: true }, true],
  ["an effort over the most", "star-jumps", { mostEffort: 2 }, false],
  ["fewer sets than the least", "easy-row", { leastSets: 2 }, false],
  ["one of two conditions only", "butterfly", { stretch: true, positions: ["plank"] }, false],
])("a drill is judged by %s", (_, id, filter, expected) => {
  expect(is(id, filter)).toBe(expected);
});
