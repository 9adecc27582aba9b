import { catalogWith, shippedCatalog } from "@/catalog";
import { NO_CUSTOM_CONTENT } from "@/core/catalog";
import { approachGroups, liftGroups } from "./lift-groups";

const squat = shippedCatalog.lifts.find((l) => l.id === "back-squat")!;
const first = shippedCatalog.approaches[0]!;
const catalog = catalogWith({
  ...NO_CUSTOM_CONTENT,
  lifts: [
    { ...squat, id: "own-squat", name: "Rope-works squat" },
    { ...squat, id: "own-out", name: "Squat of old", retired: true },
  ],
  approaches: [{ ...first, id: "own-approach", name: "Of old", retired: true }],
});

const idsOf = (groups: ReturnType<typeof liftGroups>) => groups.flatMap((g) => g.options.map((o) => o.value));

test("every lift stands once, under what it is", () => {
  const groups = liftGroups(catalog);
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

test("what is retired is offered only where it is chosen already, so that it has its name there", () => {
  expect(idsOf(liftGroups(catalog))).not.toContain("own-out");
  expect(idsOf(liftGroups(catalog, "back-squat"))).not.toContain("own-out");
  const [main] = liftGroups(catalog, "own-out");
  expect(main!.options).toContainEqual({ value: "own-out", label: "Squat of old" });
  expect(idsOf(approachGroups(catalog, null))).not.toContain("own-approach");
  expect(idsOf(approachGroups(catalog, "own-approach"))).toContain("own-approach");
});
