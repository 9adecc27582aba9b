import fc from "fast-check";
import { cases } from "@/lib/__tests__/cases";
import {
  convertWeight,
  formatClock,
  formatSeconds,
  formatWeight,
  formatWeights,
  formatWeightWithUnit,
  parseWeight,
  parseWeights,
  weight,
} from ".";

describe("weights", () => {
  test("are exact thousandths of their unit", () => {
    expect(weight(72.5)).toBe(72500);
    expect(weight(0.1) + weight(0.2)).toBe(weight(0.3));
  });

  test.each([
    [72500, "72.5"],
    [100000, "100"],
    [1250, "1.25"],
    [551, "0.551"],
  ])("%d is written %s", (w, text) => {
    expect(formatWeight(w as ReturnType<typeof weight>)).toBe(text);
  });

  test("carry their unit where it is asked for", () => {
    expect(formatWeightWithUnit(weight(135), "lb")).toBe("135 lb");
  });

  test("what is written is read back as the same weight", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2_000_000 }), (w) => {
        const parsed = parseWeight(formatWeight(w as ReturnType<typeof weight>));
        expect(parsed).toEqual({ ok: true, value: w });
      }),
      cases(100),
    );
  });

  test("a comma is a decimal point", () => {
    expect(parseWeight(" 72,5 ")).toEqual({ ok: true, value: 72500 });
  });

  test.each(["", "abc", "-5", "0", "1e3", "12.3456", "2001", "NaN", "Infinity", "5 kg"])(
    "%p is refused",
    (text) => {
      const parsed = parseWeight(text);
      expect(parsed.ok).toBe(false);
      if (!parsed.ok) expect(parsed.error).toMatch(/\.$/);
    },
  );

  test("convert once by the exact pound", () => {
    expect(convertWeight(weight(100), "kg", "lb")).toBe(220462);
    expect(convertWeight(weight(45), "lb", "kg")).toBe(20412);
    expect(convertWeight(weight(45), "lb", "lb")).toBe(45000);
  });
});

describe("durations", () => {
  test.each([
    [0, "0:00", "0 s"],
    [95, "1:35", "1 min 35 s"],
    [120, "2:00", "2 min"],
    [3605, "60:05", "60 min 5 s"],
  ])("%d s is %s on a clock and %s in words", (seconds, clock, words) => {
    expect(formatClock(seconds)).toBe(clock);
    expect(formatSeconds(seconds)).toBe(words);
  });

  test("what is nearly a minute more is that on a clock", () => {
    expect(formatClock(119.6)).toBe("2:00");
    expect(formatClock(119.4)).toBe("1:59");
  });
});

describe("lists of weights", () => {
  test("are read singly, as ranges, in any order", () => {
    expect(parseWeights("22.5, 5–20 by 5; 10")).toEqual({
      ok: true,
      value: [5, 10, 15, 20, 22.5].map(weight),
    });
    expect(parseWeights("  ")).toEqual({ ok: true, value: [] });
  });

  test.each(["five", "5–", "20–5 by 5", "1–900 by 1", "5 by 2"])("%s is refused", (text) => {
    expect(parseWeights(text).ok).toBe(false);
  });

  test("are written so that they are read back the same", () => {
    const lists = fc.uniqueArray(fc.integer({ min: 1, max: 400 }), { maxLength: 40 });
    fc.assert(
      fc.property(lists, (halves) => {
        const weights = halves.map((h) => weight(h / 2)).sort((a, b) => a - b);
        expect(parseWeights(formatWeights(weights))).toEqual({ ok: true, value: weights });
      }),
      cases(100),
    );
    expect(formatWeights([2.5, 5, 7.5, 10, 12, 20].map(weight))).toBe("2.5–10 by 2.5, 12, 20");
  });
});
