import fc from "fast-check";
import { approach, candidate, planRequest } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { cases } from "@/lib/__tests__/cases";
import { drillById } from "../catalog";
import { objectiveOf, Selection, worthOf } from "../optimizer";
import { planWarmUp } from "../plan";
import { weight } from "../units";
import { type Candidate, covers, ProblemParts, prerequisitesOf, sequenceParts, worthOfServing } from ".";

test("serving is worth w/3 a point up to 3, 0.3 of it to 6, 0.03 to 12, and ends a shortfall of 4w", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 4, noNaN: true }),
      fc.double({ min: 0, max: 15, noNaN: true }),
      (w, s) => {
        const served = (from: number, to: number) => Math.max(0, Math.min(s, to) - from);
        const usual = (w * (served(0, 3) + 0.3 * served(3, 6) + 0.03 * served(6, 12))) / 3;
        const ended = w >= 2 ? 4 * w * Math.min(1, s / 2) : 0;
        expect(worthOf({ pieces: worthOfServing(w) }, s)).toBeCloseTo(usual + ended, 9);
      },
    ),
    cases(100),
  );
});

test("each piece of a worth is dearer than the next, so that it is taken first", () => {
  for (const w of [0.5, 1, 2, 3.3, 4]) {
    const slopes = worthOfServing(w).map((p) => p.slope);
    expect(slopes).toEqual(slopes.toSorted((a, b) => b - a));
  }
});

test("the example that is worked by hand in the docs comes out as it says there", () => {
  const request = planRequest("bench-press", 80, { minutes: 7 });
  const { model, objective } = planWarmUp(request).blocks[0].choice;
  const { problem, candidates } = model;
  const at = (id: string, amount: number) =>
    candidates.findIndex((c) => c.drill.id === id && c.sets === 1 && c.amount === amount);
  const selection = new Selection(problem);
  expect(selection.objective()).toBeCloseTo(-172.19, 2);
  const chosen = [at("band-pull-apart", 10), at("empty-bar-bench", 6), at("pull-rotate-press", 8)];
  const gains = chosen.map((option) => {
    const gain = selection.gain(option);
    selection.add(option);
    return Number(gain.toFixed(2));
  });
  expect(gains).toEqual([31.09, 31.31, 26.92]);
  expect(objectiveOf(problem, chosen)).toBeCloseTo(-82.88, 2);
  expect(objective).toBeGreaterThanOrEqual(-82.88 - 0.01);
  expect(request.lifts[0]!.working!.weight).toBe(weight(80));
});

describe("parts of a problem", () => {
  test("what is short at nothing is the sum of what each goal is short of", () => {
    const parts = new ProblemParts();
    parts.goal([{ upTo: 1, slope: 5 }], 5);
    parts.goal([{ upTo: 2, slope: 1 }], 0, "ankle");
    parts.goal([{ upTo: 1, slope: 3 }], 3, "frontal");
    const problem = parts.problem([], parts.limit(10), []);
    expect(problem.atNothing).toBe(-8);
    expect(parts.subjects).toEqual([null, "ankle", "frontal"]);
  });

  test("a named limit is made once", () => {
    const parts = new ProblemParts();
    const family = parts.namedLimit("family 1", 1);
    expect(parts.namedLimit("family 2", 1)).not.toBe(family);
    expect(parts.namedLimit("family 1", 9)).toBe(family);
    expect(parts.limits[family]!.most).toBe(1);
  });

  test("of what the coach has chosen the shortest dose comes first, and the limits make room for it", () => {
    const parts = new ProblemParts();
    const time = parts.limit(20);
    const own = [
      candidate("bird-dog", { seconds: 60, pinned: true }),
      candidate("bird-dog", { seconds: 40, pinned: true }),
      candidate("dead-bug", { seconds: 30 }),
    ];
    const options = own.map((c) => ({
      cost: 0,
      gives: [],
      uses: [{ index: time, amount: c.seconds }],
      prerequisites: null,
    }));
    const problem = parts.problem(
      options,
      time,
      own.map((c) => (c.pinned ? { wanted: c.drill.id, seconds: c.seconds } : null)),
    );
    expect(problem.required).toEqual([[1, 0]]);
    expect(problem.limits[time]!.most).toBe(40);
  });

  test("phases, slots, hard work and power are kept for the sequence as a whole", () => {
    const parts = new ProblemParts();
    const by = approach("temperature-first");
    const phases = by.phases.map((rule) => ({ rule, people: 1 }));
    const termsOf = sequenceParts(parts, by, phases, 1, 700, 0);
    const limitsOf = (c: Candidate) => termsOf(c).uses.map((u) => parts.limits[u.index]!.most);
    const mobilise = by.phases.find((p) => p.phase === "mobilise")!;
    expect(limitsOf(candidate("leg-swing-front"))).toEqual([
      mobilise.most,
      mobilise.mostDrills,
      by.pace.most,
    ]);
    // 90 s of hard work in all.
    expect(limitsOf(candidate("squat-thrust"))).toContain(90);
    expect(limitsOf(candidate("vertical-jump", { phase: "power" }))).toContain(2);
    // The seconds of the phase, and that there is heat at all.
    expect(termsOf(candidate("easy-row", { seconds: 240 })).gives.map((g) => g.amount)).toEqual([240, 1]);
  });

  test("what a phase is short of grows with those who have it", () => {
    const shortFor = (people: number) => {
      const parts = new ProblemParts();
      const by = approach("temperature-first");
      sequenceParts(
        parts,
        by,
        by.phases.map((rule) => ({ rule, people })),
        people,
        700,
        0,
      );
      return parts.problem([], parts.limit(1), []).atNothing;
    };
    expect(shortFor(6)).toBeCloseTo(6 * shortFor(1), 9);
  });
});

test("only drills to mobilise and activate count for planes", () => {
  const swing = drillById(catalog, "leg-swing-side")!;
  expect(covers({ phase: "mobilise", drill: swing }, "frontal")).toBe(true);
  expect(covers({ phase: "mobilise", drill: swing }, "transverse")).toBe(false);
  expect(covers({ phase: "rehearse", drill: swing }, "frontal")).toBe(false);
});

describe("what a drill needs beside it", () => {
  const stretch = candidate("hip-flexor-stretch", { phase: "release", block: 1 });
  const jump = candidate("vertical-jump", { phase: "power", block: 4 });
  const gentle = candidate("easy-row", { block: 0 });
  const thrust = candidate("squat-thrust", { phase: "raise", block: 0 });
  const moved = candidate("knee-drive-back-up", { phase: "mobilise", block: 2 });
  const active = candidate("glute-bridge", { phase: "activate", block: 3 });
  const others = [gentle, thrust, stretch, moved, active, jump];

  test.each<[string, Candidate, Candidate[]]>([
    ["a stretch: movement on its range, later", stretch, [moved]],
    ["power: something activated before", jump, [active]],
    ["hard work: something gentle before", thrust, [gentle]],
  ])("%s", (_, c, expected) => {
    expect(prerequisitesOf(c, others)!.map((i) => others[i]!.drill.id)).toEqual(
      expected.map((e) => e.drill.id),
    );
  });

  test("a gentle drill, and whatever the coach has chosen, needs nothing", () => {
    expect(prerequisitesOf(moved, others)).toBeNull();
    expect(prerequisitesOf({ ...jump, pinned: true }, others)).toBeNull();
  });

  test("what stands for nobody's drill is nobody's prerequisite", () => {
    expect(prerequisitesOf(jump, [null, active, null])).toEqual([1]);
  });
});
