import fc from "fast-check";
import { athletePaces, type DrillTimes, drillPaces } from ".";

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

describe("how long drills take one athlete", () => {
  const others = ["b", "c", "d", "e"].map((athlete) => row(20, 1, athlete));
  const own = (...rows: DrillTimes[]) => {
    const all = [...others, ...rows];
    return athletePaces(all, drillPaces(all)).get("a")?.plank;
  };

  test("a few times are those of all, many are the athlete's own", () => {
    expect(own(row(4, 1.5))).toBeUndefined();
    const [few, many] = [own(row(5, 1.4))!, own(row(80, 1.4))!];
    expect(few).toBeGreaterThan(1);
    expect(many).toBeGreaterThanOrEqual(few);
    expect(many).toBe(1.4);
  });

  test("who takes as long as all has no times of one's own", () => {
    const all = [...others, row(40, 1)];
    expect(athletePaces(all, drillPaces(all)).size).toBe(0);
  });

  test("never more than half longer or shorter, and no drill moves another", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 500 }),
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        (times, ratio) => {
          const all = [...others, row(times, ratio), row(30, 1, "a", "bridge")];
          const paces = athletePaces(all, drillPaces(all)).get("a") ?? {};
          expect(paces.plank ?? 1).toBeGreaterThanOrEqual(0.5);
          expect(paces.plank ?? 1).toBeLessThanOrEqual(1.5);
          expect(paces.bridge).toBeUndefined();
        },
      ),
    );
  });
});
