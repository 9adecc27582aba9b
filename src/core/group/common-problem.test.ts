import fc from "fast-check";
import { approach, catalogLift, kgGym } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { cases } from "@/lib/__tests__/cases";
import { drain } from "@/lib/drain";
import { isAllowed, objectiveOf, prove, worthOf } from "../optimizer";
import { weight } from "../units";
import { commonProblem } from "./common-problem";
import { buildGroupModel } from "./group-model";
import { memberModels } from "./member-models";
import type { GroupRequest } from "./types";

function groupOf(weights: readonly number[], change: Partial<GroupRequest> = {}): GroupRequest {
  return {
    unit: "kg",
    minutes: 14,
    approach: approach("temperature-first"),
    room: "normal",
    equipment: null,
    own: [],
    dropped: [],
    drills: catalog.drills,
    counts: {},
    members: weights.map((kg, i) => ({
      id: String(i),
      name: `Member ${i}`,
      athlete: { experience: "intermediate", limiters: [], areas: [] },
      lifts: [
        {
          lift: catalogLift("back-squat"),
          kit: kgGym,
          working: { weight: weight(kg), reps: 5, sets: 3, rir: 1 },
        },
      ],
    })),
    ...change,
  };
}

function modelsOf(request: GroupRequest) {
  const [members] = memberModels(request);
  const seconds = members!.map((m) => m.model.seconds);
  const model = buildGroupModel(request, members!, seconds);
  return { model, common: commonProblem(model, Math.min(...seconds)), seconds };
}

describe("what all do together, as one athlete", () => {
  const { model, common, seconds } = modelsOf(groupOf([80, 100, 120]));

  test("has an option for each shared drill and none for personal ones", () => {
    expect(common.optionOf).toHaveLength(common.problem.options.length);
    for (const option of common.optionOf) expect(model.options[option]!.kind).toBe("shared");
  });

  test("is worth to the group what its members are worth together", () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(common.problem.options.length - 1), { maxLength: 6 }), (chosen) => {
        const inGroup = chosen.map((c) => common.optionOf[c]!);
        expect(objectiveOf(common.problem, chosen)).toBeCloseTo(objectiveOf(model.problem, inGroup), 6);
      }),
      cases(100),
    );
  });

  test("keeps every limit of the group", () => {
    const { chosen } = drain(prove(common.problem));
    expect(chosen.length).toBeGreaterThan(3);
    expect(isAllowed(common.problem, chosen)).toBe(true);
    expect(
      isAllowed(
        model.problem,
        chosen.map((c) => common.optionOf[c]!),
      ),
    ).toBe(true);
  });

  test("has the shortest time of all members as its budget", () => {
    expect(common.problem.limits[common.problem.budget]).toEqual({ most: Math.min(...seconds) });
  });
});

test("goals that differ between members are worth their sum, piece by piece", () => {
  const request = groupOf([80, 100]);
  const [first, second] = request.members;
  const stiff = { ...second!, athlete: { ...second!.athlete, limiters: ["ankle-dorsiflexion" as const] } };
  const { model, common } = modelsOf({ ...request, members: [first!, stiff] });
  const subjects = [...new Set(model.subjects.filter((s) => s !== null))];
  const ankle = common.problem.goals[subjects.indexOf("ankle-dorsiflexion")]!;
  const ofMembers = model.problem.goals.filter((_, g) => model.subjects[g] === "ankle-dorsiflexion");
  expect(ofMembers).toHaveLength(2);
  for (const amount of [0.5, 2, 3.5, 7]) {
    const together = ofMembers.reduce((sum, goal) => sum + worthOf(goal, amount), 0);
    expect(worthOf(ankle, amount)).toBeCloseTo(together);
  }
});

test("what the coach wants for all is required of both", () => {
  const { model, common } = modelsOf(groupOf([80, 100], { own: [{ drill: "cossack-squat" }] }));
  expect(common.problem.required).toHaveLength(1);
  expect(common.problem.required[0]!.map((o) => common.optionOf[o]!)).toEqual(model.problem.required[0]);
});
