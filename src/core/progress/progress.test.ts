import { shippedCatalog } from "@/catalog";
import { demandTimes, thinOut } from ".";

const { drills } = shippedCatalog;
const rock = drills.find((d) => d.serves["ankle-dorsiflexion"] === 3)!;

describe("how long demands have been looked after", () => {
  test("is the time of the drills that serve them, lately and before", () => {
    const times = demandTimes([{ drill: rock.id, seconds: 60 }], [{ drill: rock.id, seconds: 300 }], drills);
    expect(times.find((t) => t.demand === "ankle-dorsiflexion")).toEqual({
      ...{ demand: "ankle-dorsiflexion", recent: 60, all: 300 },
    });
    // What a drill serves a little does not count as looked after.
    for (const { demand } of times) expect(rock.serves[demand]).toBeGreaterThanOrEqual(2);
  });

  test("what was forgotten is there where it matters, after the rest", () => {
    const rows = [{ drill: rock.id, seconds: 60 }];
    const times = demandTimes([], rows, drills, ["neck", "ankle-dorsiflexion"]);
    expect(times.at(-1)).toEqual({ demand: "neck", recent: 0, all: 0 });
    expect(demandTimes([], [], drills)).toEqual([]);
  });

  test("drills that are no longer there count for nothing", () => {
    expect(demandTimes([], [{ drill: "gone", seconds: 60 }], drills)).toEqual([]);
  });
});

test("a long series keeps its ends and its spread, a short one all", () => {
  const series = Array.from({ length: 1001 }, (_, i) => i);
  expect(thinOut(series, 5)).toEqual([0, 250, 500, 750, 1000]);
  expect(thinOut(series, 2)).toEqual([0, 1000]);
  expect(thinOut([1, 2], 5)).toEqual([1, 2]);
});
