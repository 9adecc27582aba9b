import { shippedCatalog as catalog } from "@/catalog";
import type { AthleteProfile } from "../athlete";
import { type Condition, conditionInWords, decideConditions } from "./conditions";

const known = (change: Partial<AthleteProfile> = {}): AthleteProfile => ({
  experience: "intermediate",
  limiters: [],
  areas: [],
  ...change,
});
const CLEAN: Condition = { reached: "60 s clean", next: "plank-slides" };
const reached = [{ drill: "front-plank", sign: "60  s Clean " }];
const own = (condition: Condition) => [{ drill: "front-plank", place: 2, condition }, { drill: "dead-bug" }];
const circuits = [{ drills: ["front-plank", "dead-bug"], rounds: 2, restInside: 0, restBetween: 0 }];
const decide = (condition: Condition, athlete: AthleteProfile, dropped: string[] = []) =>
  decideConditions(
    { own: own(condition), circuits },
    { athlete, drills: catalog.drills, equipment: null, dropped },
  );

test("what nobody knows before the day stays a condition", () => {
  expect(decide(CLEAN, known())).toEqual({ own: own(CLEAN), circuits });
});

test("what has been reached puts the other drill in its place, in its circuit too", () => {
  const decided = decide(CLEAN, known({ reached }));
  expect(decided.own[0]).toMatchObject({
    ...{ drill: "plank-slides", place: 2, condition: undefined },
    insteadOf: { drill: "front-plank", why: "“60 s clean” has been reached", reached: "60 s clean" },
  });
  expect(decided.circuits[0]!.drills).toEqual(["plank-slides", "dead-bug"]);
});

test("something else that was reached, or at another drill, decides nothing", () => {
  const others = [
    { drill: "front-plank", sign: "90 s clean" },
    { drill: "dead-bug", sign: "60 s clean" },
  ];
  expect(decide(CLEAN, known({ reached: others })).own[0]).toEqual(own(CLEAN)[0]);
});

test.each([
  ["beginner", "intermediate", "front-plank"],
  ["intermediate", "intermediate", "plank-slides"],
  ["advanced", "intermediate", "plank-slides"],
  ["intermediate", "advanced", "front-plank"],
] as const)("of a %s, for those who are %s or more: %s", (experience, least, drill) => {
  const [first] = decide({ experience: least, next: "plank-slides" }, known({ experience })).own;
  expect(first).toMatchObject({ drill, condition: undefined });
});

test("a drill that the athlete must not do, or that is out, takes nobody's place", () => {
  const wrists = known({ reached, areas: [{ area: "shoulder", level: "avoid" }] });
  expect(catalog.drills.find((d) => d.id === "plank-slides")!.avoid).toContain("shoulder");
  for (const decided of [decide(CLEAN, wrists), decide(CLEAN, known({ reached }), ["plank-slides"])]) {
    expect(decided.own[0]).toMatchObject({ drill: "front-plank", condition: undefined });
    expect(decided.circuits).toEqual(circuits);
  }
});

test("what the coach has said of the other drill counts, and a circuit of one is none", () => {
  const both = [own(CLEAN)[0]!, { drill: "plank-slides", dose: { sets: 2, amount: 4 } }];
  const decided = decideConditions(
    { own: both, circuits: [{ ...circuits[0]!, drills: ["front-plank", "plank-slides"] }] },
    { athlete: known({ reached }), drills: catalog.drills, equipment: null, dropped: [] },
  );
  expect(decided).toEqual({ own: [both[1]], circuits: [] });
});

test("a condition is said in words", () => {
  expect(conditionInWords(CLEAN)).toBe("60 s clean");
  expect(conditionInWords({ experience: "advanced", next: "x" })).toBe("For advanced lifters");
});
