import { groupMember, groupRequest } from "@/__tests__/fixtures";
import { type GroupMember, type GroupRequest, planGroup } from ".";

const groupOf = (members: GroupMember[], change: Partial<GroupRequest> = {}) =>
  planGroup(groupRequest(members, { minutes: 20, ...change }));
const stepsOf = (plan: ReturnType<typeof planGroup>, id: string) =>
  plan.members.find((m) => m.id === id)!.steps;

describe("a condition on what all do", () => {
  const own = [
    {
      drill: "front-plank",
      dose: { sets: 2, amount: 20 },
      condition: { reached: "60 s clean", next: "plank-slides" },
    },
  ];
  const reached = [{ drill: "front-plank", sign: "60 s clean" }];
  const able = groupMember("able", { athlete: { ...groupMember("x").athlete, reached } });
  const plan = groupOf([able, groupMember("b"), groupMember("c"), groupMember("d")], { own });

  test("is decided for each, who does the other drill while the others do theirs", () => {
    const [instead] = stepsOf(plan, "able").filter((s) => s.of === "front-plank");
    expect(instead).toMatchObject({ drill: "plank-slides", kind: "substitute" });
    for (const id of ["b", "c", "d"]) {
      expect(stepsOf(plan, id).map((s) => s.drill)).not.toContain("plank-slides");
      expect(stepsOf(plan, id).find((s) => s.of === "front-plank")?.kind).toBe("shared");
    }
  });

  test("stands with the drill of all", () => {
    const shared = plan.shared.find((s) => s.drill === "front-plank")!;
    expect(shared).toMatchObject({ condition: own[0]!.condition, anyOf: [] });
    expect(shared.substitutes).toEqual([{ member: "able", drill: "plank-slides" }]);
  });
});

test("tests come first, last and after what all have done, for everybody, within the time", () => {
  const at = [
    { kind: "first" as const },
    { kind: "after" as const, drill: "front-plank" },
    { kind: "last" as const },
  ];
  const tests = [{ drill: "stick-overhead-squat", seconds: 20, looksFor: "heels", at }];
  const own = [{ drill: "front-plank" }];
  const alone = groupMember("b", { own: [{ drill: "wall-slide" }] });
  const plan = groupOf([groupMember("a"), alone, groupMember("c")], { tests, own });
  for (const { tests: placed, steps, seconds } of plan.members) {
    expect(placed).toHaveLength(3);
    expect(placed[0]).toMatchObject({ startsAt: 0, seconds: 20, after: null });
    const plank = steps.findLast((s) => s.of === "front-plank")!;
    expect(placed[1]!.startsAt).toBeGreaterThanOrEqual(plank.startsAt + plank.seconds);
    expect(placed[1]!.after).toBe(plank.drill);
    expect(placed[2]!.after).toBe(steps.at(-1)!.drill);
    expect(steps[0]!.startsAt).toBeGreaterThanOrEqual(20);
    // Two things are never done at once.
    const done = [...steps, ...placed].sort((x, y) => x.startsAt - y.startsAt);
    done.slice(1).forEach((s, i) => {
      expect(s.startsAt).toBeGreaterThanOrEqual(done[i]!.startsAt + done[i]!.seconds);
    });
    expect(seconds).toBeLessThanOrEqual(20 * 60);
  }
});

test("a circuit of a member's own drills goes round, each drill once a round", () => {
  const drills = ["glute-bridge", "bird-dog"];
  const own = drills.map((drill) => ({ drill, dose: { sets: 1, amount: 6 } }));
  const circuits = [{ drills, rounds: 3, restInside: 0, restBetween: 20 }];
  const plan = groupOf([groupMember("a", { own, circuits }), groupMember("b"), groupMember("c")]);
  const mine = stepsOf(plan, "a").filter((s) => drills.includes(s.drill));
  expect(mine.map((s) => s.drill)).toEqual([...drills, ...drills, ...drills]);
  expect(mine.map((s) => s.placed.round)).toEqual([1, 1, 2, 2, 3, 3]);
  for (const i of [2, 4]) {
    expect(mine[i]!.startsAt - (mine[i - 1]!.startsAt + mine[i - 1]!.seconds)).toBeGreaterThanOrEqual(20);
  }
  for (const id of ["b", "c"])
    expect(stepsOf(plan, id).some((s) => s.kind === "personal" && drills.includes(s.drill))).toBe(false);
});
