import { tests } from "@/catalog/tests";
import {
  asymmetryOf,
  changeVerdict,
  improvementOf,
  improvements,
  isPoor,
  valueFault,
  valueInWords,
  worseSide,
} from ".";

const of = (id: string) => tests.find((t) => t.id === id)!;
const [wall, gap, squat] = [of("knee-to-wall"), of("overhead-gap"), of("air-squat")];

describe("an outcome", () => {
  test("has a number for each side, inside what can be, in the steps of the test", () => {
    expect(valueFault(wall, [8, 6.5])).toBeNull();
    expect(valueFault(wall, [400, 6.5])).toBe("Knee to wall: 0 to 25 cm, in steps of 0.5.");
    expect(valueFault(wall, [8])).toBe("Knee to wall: a number for each side.");
    expect(valueFault(gap, [8, 9])).toBe("Arms overhead to the wall: one number.");
    expect(valueFault(squat, [-2])).toBeNull();
    expect(valueFault(squat, [0.5])).not.toBeNull();
    expect(valueFault(wall, [Number.NaN, 6])).not.toBeNull();
  });

  test("is said with its unit and sides", () => {
    expect(valueInWords(wall, [8, 6.5])).toBe("left 8 cm, right 6.5 cm");
    expect(valueInWords(of("trunk-rotation"), [50, 45])).toBe("left 50°, right 45°");
    expect(valueInWords(squat, [-1])).toBe("−1");
  });

  test("is poor by its worse side, whichever way the number goes", () => {
    expect([isPoor(wall, [12, 9.5]), isPoor(wall, [12, 10]), isPoor(gap, [5.5]), isPoor(gap, [5])]).toEqual([
      true,
      false,
      true,
      false,
    ]);
  });
});

describe("a change", () => {
  test("is that of the side that was worse before", () => {
    expect(worseSide(wall, [8, 6])).toBe(1);
    expect(worseSide(wall, [6, 6])).toBe(0);
    expect(improvements(wall, [8, 6], [7, 8])).toEqual([-1, 2]);
    expect(improvementOf(wall, [8, 6], [7, 8])).toBe(2);
    expect(improvementOf(gap, [12], [9])).toBe(3);
  });

  test("is held against the measurement error", () => {
    const verdicts = [0, 1, -1.3, 1.4, -2.3, 2.31].map((change) => changeVerdict(wall, change));
    expect(verdicts).toEqual(["within-error", "within-error", "within-error", "perhaps", "perhaps", "clear"]);
    // 4 × 1.4 = 5.6 and 4 × 2.3 = 9.2, in numbers that are not exact in binary.
    expect(changeVerdict(of("trunk-rotation"), 9.2)).toBe("perhaps");
    expect(changeVerdict(gap, 0.3 * 7)).toBe("perhaps");
  });
});

test("sides that differ are told with the share of the better one", () => {
  expect(asymmetryOf(wall, [8, 6])).toEqual({ difference: 2, share: 0.25, worse: "right" });
  expect(asymmetryOf(wall, [6, 6])).toBeNull();
  expect(asymmetryOf(wall, [3, 0])).toEqual({ difference: 3, share: 1, worse: "right" });
  expect(asymmetryOf(gap, [9])).toBeNull();
});
