import { shippedCatalog as catalog } from "@/catalog";
import { nameInSentence } from ".";

test.each([
  ["Back squat", "back squat"],
  ["Romanian deadlift", "Romanian deadlift"],
  ["Light Romanian deadlift", "light Romanian deadlift"],
  ["", ""],
])("%s: %s", (name, inSentence) => {
  expect(nameInSentence(name)).toBe(inSentence);
});

test("no name of the catalogue is shouted in the middle of a sentence", () => {
  const names = [...catalog.lifts, ...catalog.drills].map((c) => nameInSentence(c.name));
  const capitals = names.flatMap((n) => n.match(/\b[A-Z]\w+/g) ?? []);
  expect(new Set(capitals)).toEqual(new Set(["Romanian"]));
});
