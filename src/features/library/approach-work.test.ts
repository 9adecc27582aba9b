import { approach } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { approachWork } from "./approach-work";

test("what an approach does otherwise than in sets is said in words", () => {
  expect(approachWork(approach("bar-first"), catalog)).toEqual([]);
  expect(approachWork(approach("temperature-first"), catalog)).toEqual([
    "The raise: until talk comes in short sentences.",
    expect.stringMatching(
      /leg swing.*, with less than 5 min for drills: shared out in rounds \(tempo: gentle; fast\)\.$/,
    ),
  ]);
  const [holds, squat] = approachWork(approach("deep-mobility"), catalog);
  expect(holds).toBe("Holds: two that follow each other in turns, as a superset.");
  expect(squat).toMatch(/^.*[Ss]quat.*: time in pieces \(weight on one thigh, on the other, on both\)\.$/);
  const [raise, blocks] = approachWork(approach("slow-starter"), catalog);
  expect(raise).toBe(
    "The raise: a surge of 15 s for every 90 s, 30 s easy after it, or until a light sweat shows.",
  );
  expect(blocks).toMatch(/each round another way \(depth: /);
});

test("rests of a superset are said with it", () => {
  const pairs = [{ drills: { stretch: true }, restInside: 5, restBetween: 20 }];
  expect(approachWork({ pairs, formats: [] }, catalog)).toEqual([
    "Holds: two that follow each other in turns, as a superset, with 5 s rest after each and 20 s after each round.",
  ]);
});
