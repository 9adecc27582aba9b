import { type Stair, stairInWords, type Tread } from ".";

const tread = (kind: Tread["kind"], index: number, startsAt: number, endsAt: number) =>
  ({
    kind,
    index,
    startsAt,
    endsAt,
    nextAt: endsAt,
    height: 0.1,
    heat: 0.1,
    phase: "raise",
    round: null,
  }) as Tread;

const stair: Stair = {
  treads: [
    tread("drill", 0, 0, 300),
    tread("drill", 1, 300, 360),
    tread("test", 0, 360, 380),
    tread("set", 0, 380, 440),
    tread("work", 0, 600, 640),
  ],
  seconds: 600,
  available: 660,
};

test("a stair in words: drills, tests, ramp sets, when it ends, and what is left or too much", () => {
  expect(stairInWords(stair)).toBe(
    "2 drills until 6:00, 1 test, 1 ramp set from 6:20, first working set at 10:00, 1:00 to spare.",
  );
  expect(stairInWords({ treads: [], seconds: 90, available: 60 })).toBe(
    "first working set at 1:30, 0:30 over.",
  );
});
