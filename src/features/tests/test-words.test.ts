import { tests } from "@/catalog/tests";
import type { Response } from "@/core/response";
import { asymmetryInWords, changeInWords, goodInWords, responseInWords } from "./test-words";

const of = (id: string) => tests.find((t) => t.id === id)!;
const [wall, gap, squat, raise] = ["knee-to-wall", "overhead-gap", "air-squat", "straight-leg-raise"].map(of);

test.each([
  [wall!, 0, "No change"],
  [wall!, 1, "1 cm better, within measuring error"],
  [wall!, -1, "1 cm worse, within measuring error"],
  [wall!, 2, "2 cm better, perhaps a change"],
  [wall!, -3, "3 cm worse, a clear change"],
  [raise!, 10, "10° better, a clear change"],
  [squat!, 1, "1 better, perhaps a change"],
])("%o by %p: %s", (test, change, words) => {
  expect(changeInWords(test, change)).toBe(words);
});

test("good is from a number on, or up to one", () => {
  expect(goodInWords(wall!)).toBe("good from 10 cm");
  expect(goodInWords(gap!)).toBe("good up to 5 cm");
  expect(goodInWords(squat!)).toBe("good from 0");
});

test("sides are told where they differ by more than measuring may make", () => {
  expect(asymmetryInWords(wall!, [10, 8])).toBe("right side 2 cm behind, 20 %");
  expect(asymmetryInWords(wall!, [10, 9])).toBeNull();
  expect(asymmetryInWords(gap!, [10])).toBeNull();
});

describe("what several trials show", () => {
  const response = (over: Partial<Response> = {}): Response => ({
    ...{ drill: "rock", demand: "ankle-dorsiflexion", test: "knee-to-wall", expected: 1.5, seconds: 90 },
    ...{ effect: { mean: 2.4, variance: 0.2 }, trials: 3, trialsOfAll: 8, verdict: "helps" },
    ...over,
  });

  test("is told with what a minute gains and whose trials they are", () => {
    expect(responseInWords(response(), wall!)).toBe("Helps: about 1.6 cm a minute (3 trials, 5 of others)");
    expect(responseInWords(response({ trials: 1, trialsOfAll: 1, verdict: "unknown" }), wall!)).toBe(
      "Not known yet: about 1.6 cm a minute (1 trial)",
    );
    expect(responseInWords(response({ trials: 0, verdict: "unknown" }), wall!)).toMatch(
      /\(not tried, 8 of others\)$/,
    );
  });

  test("may be that it makes worse", () => {
    const worse = response({ effect: { mean: -1, variance: 0.2 }, verdict: "little", seconds: 60 });
    expect(responseInWords(worse, wall!)).toMatch(/^Does little: about −1 cm a minute/);
  });
});
