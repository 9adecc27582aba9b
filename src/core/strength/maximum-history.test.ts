import { weight } from "../units";
import { maximumHistory } from ".";

const sets = (day: string, kg: number, reps: number, rir: number) => ({
  ...{ day, reps, rir, kind: "working" as const },
  weight: weight(kg),
});

test("maxima by day, the oldest first: estimated from working sets, tested where one was", () => {
  const tested = { ...sets("2026-03-02", 120, 1, 0), kind: "max" as const };
  const history = maximumHistory([
    sets("2026-03-02", 100, 5, 1),
    tested,
    sets("2026-01-05", 90, 3, 3),
    sets("2026-04-06", 102.5, 5, 1),
  ]);
  expect(history.map((h) => [h.day, h.isTested])).toEqual([
    ["2026-01-05", false],
    ["2026-03-02", true],
    ["2026-04-06", false],
  ]);
  // Epley: 90 · (1 + 6/30) = 108; 102.5 · 1.2 = 123.
  expect(history.map((h) => h.maximum)).toEqual([weight(108), weight(120), weight(123)]);
  expect(maximumHistory([tested, sets("2026-03-02", 100, 5, 1)])[0]!.maximum).toBe(weight(120));
});

test("nothing on record is no history", () => {
  expect(maximumHistory([])).toEqual([]);
});
