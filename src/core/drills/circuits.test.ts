import { approach, planRequest } from "@/__tests__/fixtures";
import { type PlanRequest, planWarmUp } from "../plan";
import { type Circuit, changeSeconds, circuitName, setUpSecondsAfter } from ".";

const drills = ["band-pull-apart", "tucked-external-rotation", "front-plank"];
const circuit: Circuit = { drills, rounds: 3, restInside: 15, restBetween: 40 };
const second: Circuit = {
  drills: ["cat-and-cow", "adductor-rock"],
  rounds: 2,
  restInside: 0,
  restBetween: 0,
};

function planned(circuits: Circuit[], change: Partial<PlanRequest> = {}) {
  const own = circuits.flatMap((c) => c.drills).map((drill) => ({ drill }));
  return planWarmUp(planRequest("bench-press", 80, { minutes: 30, own, circuits, ...change }));
}
const ofCircuit = (plan: ReturnType<typeof planned>, { drills: ids }: Circuit) =>
  plan.steps.filter((s) => ids.includes(s.drill.id));

test("two or three drills in turn are a superset, more a circuit", () => {
  expect([2, 3, 4].map(circuitName)).toEqual(["Superset", "Superset", "Circuit"]);
});

test("a coach's circuit goes round in the coach's order, in one piece", () => {
  const plan = planned([circuit, second]);
  for (const c of [circuit, second]) {
    const steps = ofCircuit(plan, c);
    const rounds = Array.from({ length: c.rounds }, () => c.drills).flat();
    expect(steps.map((s) => s.drill.id)).toEqual(rounds);
    const first = plan.steps.indexOf(steps[0]!);
    expect(plan.steps.slice(first, first + steps.length)).toEqual(steps);
    expect(steps.map((s) => s.rounds)).toEqual(rounds.map(() => c.rounds));
  }
});

test("its rests and its changes are in the time, to the second", () => {
  const steps = ofCircuit(planned([circuit]), circuit);
  steps.forEach((step, i) => {
    const before = steps[i - 1];
    if (!before) return;
    const rest = i % drills.length === 0 ? circuit.restBetween : circuit.restInside;
    const gap = Math.max(rest, changeSeconds(before.drill, step.drill));
    expect(step.startsAt).toBe(before.startsAt + before.seconds + gap);
    expect(step.seconds).toBeGreaterThanOrEqual(setUpSecondsAfter(before.drill, step.drill));
  });
});

test("one of the coach's goes beside that of the approach, each with rounds of its own", () => {
  const plan = planned([circuit], { approach: approach("one-per-job"), minutes: 35 });
  const others = plan.steps.filter((s) => s.circuit?.by === "approach");
  expect(ofCircuit(plan, circuit)).toHaveLength(drills.length * circuit.rounds);
  expect(new Set(others.map((s) => s.rounds)).size).toBe(1);
  expect(others.length).toBeGreaterThan(3);
});

test("a place inside a circuit is after it", () => {
  const own = [...drills.map((drill) => ({ drill })), { drill: "dead-bug", place: 1 }];
  const plan = planned([circuit], { own: [{ ...own[0]!, place: 0 }, ...own.slice(1)] });
  const first = plan.steps.slice(0, drills.length * circuit.rounds + 1).map((s) => s.drill.id);
  expect(first).toEqual([...drills, ...drills, ...drills, "dead-bug"]);
});

describe("what the approach spreads", () => {
  test("two holds that follow each other are a superset in deep mobility", () => {
    const minutes = [20, 25, 30, 35, 40];
    const paired = minutes.flatMap((m) =>
      planWarmUp(
        planRequest("overhead-press", 50, {
          approach: approach("deep-mobility"),
          minutes: m,
          athlete: {
            experience: "intermediate",
            limiters: ["chest-length", "lat-triceps-length"],
            areas: [],
          },
        }),
      ).steps.filter((s) => s.circuit?.by === "pair"),
    );
    expect(paired.length).toBeGreaterThan(0);
    for (const step of paired) {
      expect(step.drill.stretch).toBe(true);
      expect(step.dose.sets).toBe(1);
      expect(step.rounds).toBeGreaterThan(1);
    }
  });

  test("a long raise has surges and a sign for slow starters, and its minutes stay", () => {
    const { steps } = planWarmUp(
      planRequest("back-squat", 80, { approach: approach("slow-starter"), minutes: 25 }),
    );
    const { dose, seconds, drill } = steps.find((s) => s.phase === "raise")!;
    expect(dose.format).toMatchObject({ kind: "surges", seconds: dose.amount });
    expect(seconds).toBe(drill.setUpSeconds + dose.amount);
    expect(dose.until).toBe("light-sweat");
  });
});
