import { approach, catalogLift, kgGym } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import type { EquipmentId } from "../catalog";
import { weight } from "../units";
import { type GroupMember, type GroupRequest, planGroup } from ".";
import { memberModels } from "./member-models";

const member = (id: string, change: Partial<GroupMember> = {}): GroupMember => ({
  ...{ id, name: id, athlete: { experience: "intermediate", limiters: [], areas: [] } },
  lifts: [
    {
      ...{ lift: catalogLift("back-squat"), kit: kgGym },
      working: { weight: weight(80), reps: 5, sets: 3, rir: 1 },
    },
  ],
  ...change,
});
const sore = { experience: "intermediate", limiters: [], areas: [{ area: "knee", level: "slow" }] } as const;

function groupOf(members: GroupMember[], counts: GroupRequest["counts"]): GroupRequest {
  return {
    ...{ unit: "kg", minutes: 20, room: "normal", equipment: null, own: [], dropped: [], members, counts },
    ...{ approach: approach("temperature-first"), drills: catalog.drills },
  };
}
const machinesOf = (request: GroupRequest) => memberModels(request)[0]!.map((m) => m.machine);

describe("machines to get warm on", () => {
  const five = ["a", "b", "c", "d"].map((id) => member(id)).concat(member("e", { athlete: sore }));

  test("are one member's each where there are too few, who has something to look after first", () => {
    const machines = machinesOf(groupOf(five, { rower: 1, bike: 1 }));
    expect(machines.filter(Boolean)).toHaveLength(2);
    expect(machines[4]).not.toBeNull();
  });

  test("are nobody's own where there are enough, and nobody's who cannot use them", () => {
    expect(machinesOf(groupOf(five, { rower: 5, bike: 5 }))).toEqual(five.map(() => null));
    const cannotUse: EquipmentId[] = ["rower"];
    const without = five.map((m) => ({ ...m, cannotUse }));
    expect(machinesOf(groupOf(without, { rower: 2, bike: 0 }))).toEqual(five.map(() => null));
  });

  test("warm as many as there are, and the others as long without, each in one piece", () => {
    const request = groupOf(five, { rower: 2, bike: 2 });
    const plan = planGroup({ ...request, approach: approach("bar-complex") });
    const raises = plan.members.map((m) => m.steps.filter((s) => s.phase === "raise"));
    for (const steps of raises) expect(steps).toHaveLength(1);
    const uses = raises.map(([step]) => step!.uses[0] ?? "none");
    expect(uses.toSorted()).toEqual(["bike", "bike", "none", "rower", "rower"]);
    expect(new Set(raises.map(([step]) => step!.dose.amount)).size).toBe(1);
  });
});
