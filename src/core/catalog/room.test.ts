import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from ".";
import { roomNotes, travelOn } from "./room";

const drill = (id: string) => drillById(catalog, id)!;

test.each([
  ["knee-hug-walk", 6, "straight"],
  ["knee-hug-walk", 4, "there-and-back"],
  ["knee-hug-walk", 3, "there-and-back"],
  ["knee-hug-walk", 2, null],
  // What is skipped or jumped needs its stretch in one piece.
  ["skips", 9, null],
  ["skips", 10, "straight"],
  ["skips", null, "straight"],
  ["glute-bridge", 1, "straight"],
])("%s on %s m of clear floor: %s", (id, metres, way) => {
  expect(travelOn(drill(id), metres)).toBe(way);
});

test("what is to be seen to before a drill is said", () => {
  expect(roomNotes(drill("short-foot"), null)).toEqual(["shoes off"]);
  expect(roomNotes(drill("knee-hug-walk"), 4)).toEqual(["there and back"]);
  expect(roomNotes(drill("knee-hug-walk"), 8)).toEqual([]);
});
