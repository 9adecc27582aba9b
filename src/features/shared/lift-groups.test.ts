import { catalog, NO_CUSTOM_CONTENT, takeCustomContent } from "@/catalog";
import { approachGroups, liftGroups } from "./lift-groups";

const squat = catalog.lifts.find((l) => l.id === "back-squat")!;
const first = catalog.approaches[0]!;
const own = { ...squat, id: "own-squat", name: "Rope-works squat" };
const out = { ...squat, id: "own-out", name: "Squat of old", retired: true };

beforeAll(() =>
  takeCustomContent({
    ...NO_CUSTOM_CONTENT,
    lifts: [own, out],
    approaches: [{ ...first, id: "own-approach", name: "Of old", retired: true }],
  }),
);
afterAll(() => takeCustomContent(NO_CUSTOM_CONTENT));

const idsOf = (groups: ReturnType<typeof liftGroups>) => groups.flatMap((g) => g.options.map((o) => o.value));

test("every lift stands once, under what it is", () => {
  const groups = liftGroups();
  expect(groups.map((g) => g.label)).toEqual(["Main lifts", "Work without a weight", "Drills alone"]);
  const ids = idsOf(groups);
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids.toSorted()).toEqual(
    catalog.lifts
      .filter((l) => !l.retired)
      .map((l) => l.id)
      .toSorted(),
  );
  expect(ids).toContain("own-squat");
});

test("what was taken out is offered only where it is chosen already, so that it has its name there", () => {
  expect(idsOf(liftGroups())).not.toContain("own-out");
  expect(idsOf(liftGroups("back-squat"))).not.toContain("own-out");
  const [main] = liftGroups("own-out");
  expect(main!.options).toContainEqual({ value: "own-out", label: "Squat of old" });
  expect(idsOf(approachGroups(null))).not.toContain("own-approach");
  expect(idsOf(approachGroups("own-approach"))).toContain("own-approach");
});
