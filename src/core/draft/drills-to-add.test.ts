import { shippedCatalog as catalog } from "@/catalog";
import { type AthleteArea, EQUIPMENT, EQUIPMENT_IDS, type EquipmentId } from "../catalog";
import { drillsToAdd, usesOf } from ".";

const person = (name: string, areas: AthleteArea[] = []) => ({
  name,
  athlete: { experience: "intermediate" as const, limiters: [], areas, cannotUse: [] },
});
const NONE: ReadonlySet<string> = new Set();
const find = (found: ReturnType<typeof drillsToAdd>, id: string) => found.find((f) => f.drill.id === id);
const { drills } = catalog;
/** Drills that are against the knee, whatever they are like. */
const knee = drills.filter((d) => d.avoid.includes("knee"));

test("all drills that are not in it or taken out of the library, in their order", () => {
  const taken = new Set([drills[0]!.id]);
  const own = [...drills, { ...drills[1]!, id: "own-1", retired: true }];
  const found = drillsToAdd(own, [person("Ilse")], EQUIPMENT_IDS, taken);
  expect(found.map((f) => f.drill.id)).toEqual(drills.slice(1).map((d) => d.id));
  expect(found.every((f) => f.obstacle === null && f.notFor.length === 0)).toBe(true);
});

test("what a gym has not got, or an athlete must avoid, stands last with the reason", () => {
  const kit = EQUIPMENT_IDS.filter((e) => e !== "rower");
  const found = drillsToAdd(drills, [person("Ilse", [{ area: "knee", level: "avoid" }])], kit, NONE);
  expect(find(found, "easy-row")!.obstacle).toBe("not here: rower");
  expect(knee.length).toBeGreaterThan(2);
  for (const { id } of knee) expect(find(found, id)!.obstacle).toMatch(/^Knee: to be avoided$|^not here/);
  const firstBarred = found.findIndex((f) => f.obstacle !== null);
  expect(found.slice(firstBarred).every((f) => f.obstacle !== null)).toBe(true);
});

test("of several things that a drill needs only those are named that are not there", () => {
  const two = drills.find((d) => d.equipment.length > 1 && d.equipment.every((any) => any.length === 1));
  if (!two) throw new Error("No drill needs two things: look for another way to try this.");
  const [[kept], [gone]] = two.equipment as [[EquipmentId], [EquipmentId]];
  const without = EQUIPMENT_IDS.filter((e) => e !== gone);
  const found = drillsToAdd([two], [person("Ilse")], without, NONE);
  expect(found[0]!.obstacle).toBe(`not here: ${EQUIPMENT[gone].toLowerCase()}`);
  expect(found[0]!.obstacle).not.toContain(EQUIPMENT[kept].toLowerCase());
});

test("in a group it is said who would do something else; it is no obstacle until that is everybody", () => {
  const sore = person("Consuelo", [{ area: "knee", level: "avoid" }]);
  const some = drillsToAdd(drills, [person("Ilse"), sore], EQUIPMENT_IDS, NONE);
  expect(find(some, knee[0]!.id)).toMatchObject({ obstacle: null, notFor: ["Consuelo"] });
  const all = drillsToAdd(drills, [sore, { ...sore, name: "Mei" }], EQUIPMENT_IDS, NONE);
  expect(find(all, knee[0]!.id)).toMatchObject({ obstacle: "Knee: to be avoided", notFor: [] });
});

test("what somebody cannot use is against what needs it", () => {
  const ilse = person("Ilse");
  const found = drillsToAdd(
    drills,
    [{ ...ilse, athlete: { ...ilse.athlete, cannotUse: ["rower"] as const } }],
    EQUIPMENT_IDS,
    NONE,
  );
  expect(find(found, "easy-row")!.obstacle).toBe("cannot use what it needs");
});

describe("what a drill would do for a plan", () => {
  const squat = drills.find((d) => d.id === "body-weight-squat")!;
  const row = (demand: "squat" | "quads" | "front-rack", asked: number, served: number) => ({
    ...{ demand, asked, served },
  });

  test("closes what is asked and not served yet, as far as it serves it", () => {
    expect(usesOf(squat, [row("squat", 3, 1)]).closes).toBe(2);
    expect(usesOf(squat, [row("squat", 9, 0)]).closes).toBe(squat.serves.squat);
    expect(usesOf(squat, [row("squat", 3, 4)]).closes).toBe(0);
    expect(usesOf(squat, [])).toMatchObject({ closes: 0, demands: [] });
  });

  test("names what it serves of what is asked, the open ones first", () => {
    expect(usesOf(squat, [row("squat", 3, 3), row("front-rack", 3, 0), row("quads", 2, 0)]).demands).toEqual([
      ...["quads", "squat"],
    ]);
  });

  test("takes its usual dose and what it takes to set up", () => {
    const { sets, amount, secondsPerUnit, restSeconds } = squat.dose;
    expect(usesOf(squat, []).seconds).toBe(
      squat.setUpSeconds + sets[1] * amount[1] * secondsPerUnit + (sets[1] - 1) * restSeconds,
    );
  });
});
