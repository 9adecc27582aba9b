import { catalogLift } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import { cautionsFor } from ".";

const drill = (id: string) => drillById(catalog, id)!;
const ids = (warmUp: Partial<Parameters<typeof cautionsFor>[0]>) =>
  cautionsFor({ lifts: [], drills: [], areas: [], age: null, ...warmUp }).map((c) => c.id);

test("the two that always apply come last", () => {
  expect(ids({})).toEqual(["clinician", "stop"]);
  expect(ids({ lifts: [catalogLift("bench-press")] }).slice(-2)).toEqual(["clinician", "stop"]);
});

test("presses and squats ask for safeties and a spotter, pulls for collars", () => {
  const message = (lift: string) =>
    cautionsFor({ lifts: [catalogLift(lift)], drills: [], areas: [], age: null })[0]!.message;
  expect(message("bench-press")).toContain("spotter");
  expect(message("deadlift")).toBe("Collars on.");
});

test("kit in use brings its own: bands, rollers, jumps", () => {
  expect(ids({ drills: [drill("band-walk")] })).toContain("bands");
  expect(ids({ drills: [drill("upper-back-roller")] })).toEqual(
    expect.arrayContaining(["roller", "upper-back-roller"]),
  );
  expect(ids({ drills: [drill("vertical-jump")] })).toContain("jumps");
  expect(ids({ drills: [drill("body-weight-squat")] })).toEqual(["clinician", "stop"]);
});

test("areas to look after bring theirs, sore ones the limit of pain", () => {
  const found = cautionsFor({
    lifts: [],
    drills: [],
    areas: [
      { area: "knee", level: "sore" },
      { area: "shoulder", level: "avoid" },
      { area: "low-back", level: "slow" },
    ],
    age: 50,
  });
  const by = new Map(found.map((c) => [c.id, c.message]));
  expect(by.get("sore-knee")).toContain("licensed clinician");
  expect([...by.keys()]).toEqual(expect.arrayContaining(["avoid-shoulder", "shoulder", "low-back", "knee"]));
});

test("the young are supervised", () => {
  expect(ids({ age: 17 })).toContain("young");
  expect(ids({ age: 18 })).not.toContain("young");
});

test("each is said once, however many drills it applies to", () => {
  const found = ids({
    drills: [drill("band-walk"), drill("face-pull"), drill("vertical-jump"), drill("low-box-jump")],
  });
  expect(found).toEqual(["bands", "jumps", "vertical-jump", "low-box-jump", "clinician", "stop"]);
});
