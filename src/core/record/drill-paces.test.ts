import fc from "fast-check";
import { type DrillTimes, drillPaces } from ".";

const row = (times: number, ratio: number, athlete = "a", drill = "plank"): DrillTimes => ({
  ...{ drill, athlete, times, ratio },
});
const pace = (...rows: DrillTimes[]) => drillPaces(rows).plank ?? 1;

describe("how long drills take here", () => {
  test("few times change nothing, many move towards what they took", () => {
    expect(pace(row(4, 1.5))).toBe(1);
    expect(pace(row(5, 1))).toBe(1);
    const [few, many] = [pace(row(5, 1.3)), pace(row(200, 1.3, "a"), row(200, 1.3, "b"), row(200, 1.3, "c"))];
    expect(few).toBeGreaterThan(1);
    expect(few).toBeLessThan(many);
    expect(many).toBe(1.3);
  });

  test("never more than half longer or shorter, whatever was ticked", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 500 }),
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        (times, ratio) => {
          const rows = ["a", "b", "c", "d"].map((athlete) => row(times, ratio, athlete));
          expect(pace(...rows)).toBeGreaterThanOrEqual(0.5);
          expect(pace(...rows)).toBeLessThanOrEqual(1.5);
        },
      ),
    );
  });

  test("each drill by itself", () => {
    const paces = drillPaces([row(50, 1.4), row(50, 0.7, "a", "bridge"), row(1, 3, "a", "rock")]);
    expect(Object.keys(paces).sort()).toEqual(["bridge", "plank"]);
    expect(paces.bridge).toBeLessThan(1);
  });
});
