import {
  approach,
  catalogLift,
  kgGym,
  nameOnFailure,
  planRequest,
  somePlanRequests,
} from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import { type PlanRequest, planWarmUp } from "../plan";
import { type FindingCode, reviewContext, type WrittenStep, type WrittenWarmUp, writtenOf } from "../review";
import { weight } from "../units";
import { applyRemedy } from "./apply-remedy";
import { reviewWarmUp } from "./review-warm-up";
import type { ReviewFinding } from "./types";

const step = (id: string, change: Partial<WrittenStep> = {}): WrittenStep => {
  const drill = drillById(catalog, id)!;
  return { drill, block: 0, sets: drill.dose.sets[1], amount: drill.dose.amount[1], side: "both", ...change };
};
const base = planRequest("back-squat", 100);
const ours = writtenOf(planWarmUp(base), base.minutes);

function review(change: Partial<WrittenWarmUp>, request: PlanRequest = base) {
  return reviewWarmUp({ ...ours, ...change }, reviewContext(request));
}
const codesOf = (findings: readonly ReviewFinding[]) => findings.map((f) => f.code);
const onDrill = (findings: readonly ReviewFinding[], code: FindingCode, steps: readonly WrittenStep[]) =>
  findings.flatMap((f) =>
    f.code === code && f.place.kind === "step" ? [steps[f.place.step]!.drill.id] : [],
  );

/** Every finding has a remedy, and every remedy removes it. */
function remediesHold(written: WrittenWarmUp, request: PlanRequest): number {
  const context = reviewContext(request);
  const found = reviewWarmUp(written, context);
  for (const finding of found) {
    const said = `${finding.code}: ${finding.message}`;
    expect([said, finding.remedies.length]).not.toEqual([said, 0]);
    for (const remedy of finding.remedies) {
      const again = reviewWarmUp(applyRemedy(written, remedy), context);
      expect(again.map((f) => `${f.code}: ${f.message}`)).not.toContain(said);
    }
  }
  return found.length;
}

test("every finding of our own plans has remedies that remove it", () => {
  for (const request of somePlanRequests(8)) {
    nameOnFailure(request, () => remediesHold(writtenOf(planWarmUp(request), request.minutes), request));
  }
});

test("every finding of plans put together at random has remedies that remove it", () => {
  let found = 0;
  somePlanRequests(4).forEach((request, seed) => {
    nameOnFailure(request, () => {
      const steps = Array.from({ length: 9 }, (_, i) => {
        const drill = catalog.drills[(seed * 37 + i * 53) % catalog.drills.length]!;
        const side = (["both", "left", "right"] as const)[(seed + i) % 3]!;
        return step(drill.id, { side, sets: drill.dose.sets[2] });
      });
      const ramps = [
        [30, 60, 62, 101].map((kg, i) => ({ weight: weight(kg), reps: 12 - i, restSeconds: 20 })),
      ];
      found += remediesHold({ steps, ramps, minutes: 8 }, request);
    });
  });
  expect(found).toBeGreaterThan(20);
});

describe("drills", () => {
  test("that serve nothing today: those for the half of the body that is not asked", () => {
    const bench = planRequest("bench-press", 80);
    const steps = ["arm-swings", "ninety-ninety", "quadruped-thread", "easy-row"].map((id) => step(id));
    expect(onDrill(review({ steps }, bench), "serves-nothing", steps)).toEqual(["ninety-ninety"]);
  });

  test("held without movement after them; with movement there is nothing to say", () => {
    const alone = [step("hip-flexor-stretch")];
    expect(onDrill(review({ steps: alone }), "stretch-without-movement", alone)).toHaveLength(1);
    const moved = [...alone, step("leg-swing-front")];
    expect(codesOf(review({ steps: moved }))).not.toContain("stretch-without-movement");
    const behind = moved.toReversed();
    expect(onDrill(review({ steps: behind }), "stretch-without-movement", behind)).toHaveLength(1);
  });

  test("that are explosive before anything is awake, or hard at the very start", () => {
    const jump = [step("easy-row"), step("vertical-jump"), step("glute-bridge")];
    const found = review({ steps: jump }).find((f) => f.code === "explosive-early")!;
    expect(found.place).toEqual({ kind: "step", step: 1 });
    const mended = applyRemedy({ ...ours, steps: jump }, found.remedies[0]!);
    expect(mended.steps.map((s) => s.drill.id)).toEqual(["easy-row", "glute-bridge", "vertical-jump"]);
    expect(codesOf(review({ steps: [step("star-jumps"), ...ours.steps] }))).toContain("explosive-early");
  });

  test("done on one side only, or more on one", () => {
    const one = [step("leg-swing-front", { side: "left" })];
    const found = review({ steps: one }).find((f) => f.code === "one-sided")!;
    const mended = applyRemedy({ ...ours, steps: one }, found.remedies[0]!);
    expect(mended.steps[0]!.side).toBe("both");
    const both = [step("leg-swing-front", { side: "left" }), step("leg-swing-front", { side: "right" })];
    expect(codesOf(review({ steps: both }))).not.toContain("one-sided");
    const uneven = [both[0]!, { ...both[1]!, amount: 5 }];
    expect(codesOf(review({ steps: uneven }))).toContain("one-sided");
  });

  test("whose kit is missing or which load an area to avoid are swapped for what will do", () => {
    const steps = [step("tempo-goblet-squat")];
    const bare = review({ steps }, { ...base, equipment: new Set() }).find((f) => f.code === "not-in-gym")!;
    expect(bare.message).toContain("kettlebell");
    expect(bare.remedies[0]!.changes[0]!.kind).toBe("swap-step");
    const knee = { ...base.athlete, areas: [{ area: "knee" as const, level: "avoid" as const }] };
    const cossack = [step("cossack-squat")];
    expect(
      onDrill(review({ steps: cossack }, { ...base, athlete: knee }), "against-area", cossack),
    ).toHaveLength(1);
  });

  test("on machines of which a group has too few", () => {
    const steps = [step("easy-row"), step("leg-swing-front")];
    const written = { ...ours, steps };
    const found = (people: number) =>
      reviewWarmUp(written, reviewContext(base, { people, counts: { rower: 3 } }));
    expect(codesOf(found(6))).not.toContain("too-few-machines");
    const finding = found(7).find((f) => f.code === "too-few-machines")!;
    expect(finding.message).toContain("7 people, 3 × rower");
    expect(finding.remedies.length).toBeGreaterThan(0);
  });

  test("for more limiters than help, or too long for one", () => {
    const athlete = { ...base.athlete, limiters: ["neck", "wrist-extension", "biceps"] as const };
    const steps = [step("neck-circles"), step("wrist-rocks"), step("band-curl")];
    const request = { ...base, athlete };
    const found = review({ steps }, request);
    expect(codesOf(found)).toContain("too-many-limiters");
    const long = [step("neck-circles", { sets: 3, amount: 10 })];
    expect(codesOf(review({ steps: long }, request))).toContain("limiter-too-long");
  });

  test("done again for a later lift while the body is warm", () => {
    const lifts = [base.lifts[0]!, { ...base.lifts[0]!, lift: catalogLift("front-squat") }];
    const steps = [step("body-weight-squat"), step("body-weight-squat", { block: 1 })];
    const found = review({ steps, ramps: [ours.ramps[0]!, null] }, { ...base, lifts });
    expect(onDrill(found, "repeated-while-warm", steps)).toEqual(["body-weight-squat"]);
  });
});

describe("the plan as a whole", () => {
  test("a demand that is not served, a plane that is missing", () => {
    const found = review({ steps: [step("easy-row")] });
    expect(codesOf(found)).toEqual(expect.arrayContaining(["unserved", "missing-plane"]));
    const unserved = found.find((f) => f.code === "unserved")!;
    expect(unserved.message).toMatch(/^[A-Z].+ is (not|barely) covered\.( About .+ would cover it\.)?$/);
    expect(codesOf(review({ steps: [] }, { ...base, approach: approach("bar-first") }))).not.toContain(
      "missing-plane",
    );
  });

  test("a missing plane is said where there is time for it or a drill to give up, not where time is short", () => {
    const short = { steps: [step("easy-row")], minutes: 3 };
    expect(codesOf(review(short))).not.toContain("missing-plane");
    expect(codesOf(review({ ...short, minutes: 25 }))).toContain("missing-plane");
    const sagittal = ["cat-and-cow", "bird-dog", "glute-bridge"].map((id) => step(id));
    expect(codesOf(review({ steps: sagittal, minutes: 3 }))).toContain("missing-plane");
    expect(codesOf(review({ steps: sagittal.slice(1), minutes: 3 }))).not.toContain("missing-plane");
  });

  test("over the time: drop what helps least, shorten, or give it more minutes", () => {
    const found = review({ minutes: ours.minutes - 5 }).find((f) => f.code === "over-time")!;
    const kinds = found.remedies.map((r) => r.changes[0]!.kind);
    expect(kinds).toEqual(expect.arrayContaining(["drop-step", "minutes"]));
  });
});

describe("ramps", () => {
  const ramp = (sets: [kg: number, reps: number, rest: number][]) => [
    sets.map(([kg, reps, restSeconds]) => ({ weight: weight(kg), reps, restSeconds })),
  ];
  const good: [number, number, number][] = [
    [20, 8, 30],
    [50, 5, 30],
    [70, 3, 75],
    [85, 1, 150],
  ];

  test("a good one by hand is good", () => {
    const codes = codesOf(review({ ramps: ramp(good) }));
    expect(codes.filter((c) => c.includes("weight") || c.includes("jump") || c.includes("ramp"))).toEqual([]);
  });

  test.each<[FindingCode, number, [number, number, number]]>([
    ["weight-not-loadable", 1, [51, 5, 30]],
    ["weights-not-rising", 1, [75, 5, 60]],
    ["heavy-without-rest", 3, [85, 1, 30]],
    ["ramp-tiring", 1, [50, 25, 30]],
    ["jump-too-large", 3, [72.5, 1, 150]],
  ])("%s", (code, at, set) => {
    const sets = good.with(at, set);
    const written = { ...ours, ramps: ramp(code === "jump-too-large" ? sets.toSpliced(2, 1) : sets) };
    const found = review(written).find((f) => f.code === code)!;
    expect(found.place.kind).toBe("set");
    expect(found.remedies.length).toBeGreaterThan(0);
  });

  test("what the plates do not allow is no mistake of the coach's", () => {
    const kit = { ...kgGym, plates: kgGym.plates.filter((p) => p.weight === 20_000) };
    const request = { ...base, lifts: [{ ...base.lifts[0]!, kit }] };
    const found = reviewWarmUp(writtenOf(planWarmUp(request), request.minutes), reviewContext(request));
    expect(codesOf(found)).not.toContain("jump-too-large");
  });
});

describe("what coaches write and the review leaves alone", () => {
  const ramp = (...kilograms: number[]): Partial<WrittenWarmUp> => ({
    ramps: [kilograms.map((kg) => ({ weight: weight(kg), reps: 3, restSeconds: 180 }))],
  });

  test("a light set done again is no fault, a heavy one is", () => {
    expect(codesOf(review(ramp(20, 20, 50, 70, 90)))).not.toContain("weights-not-rising");
    expect(codesOf(review(ramp(20, 50, 50, 70, 90)))).not.toContain("weights-not-rising");
    expect(codesOf(review(ramp(20, 50, 70, 70, 90)))).toContain("weights-not-rising");
    expect(codesOf(review(ramp(20, 50, 40, 70, 90)))).toContain("weights-not-rising");
  });

  test("an approach of fixed jobs is not told about what it has no job for, but about a limiter", () => {
    const unserved = (id: string, limiters: PlanRequest["athlete"]["limiters"] = []) => {
      const request = {
        ...planRequest("overhead-press", 50, { approach: approach(id), minutes: 12 }),
        athlete: { ...base.athlete, limiters },
      };
      const found = reviewWarmUp({ steps: [], ramps: [null], minutes: 12 }, reviewContext(request));
      return found.flatMap((f) => (f.code === "unserved" ? [f.subject] : []));
    };
    expect(unserved("basics-circuit")).not.toContain("trunk-extension");
    expect(unserved("temperature-first")).toHaveLength(1);
    expect(unserved("basics-circuit", ["thoracic-extension"])).toEqual(["thoracic-extension"]);
  });

  test("an approach that only does what resembles the lift misses nothing once it has its few drills, but for a limiter", () => {
    const request = planRequest("overhead-squat", 60, { approach: approach("bar-first"), minutes: 15 });
    const unserved = (ids: readonly string[], asked: PlanRequest = request) => {
      const steps = ids.map((id) => step(id));
      const found = reviewWarmUp({ steps, ramps: [null], minutes: 15 }, reviewContext(asked));
      return found.flatMap((f) => (f.code === "unserved" ? [f.subject] : []));
    };
    const few = ["knee-to-wall", "tempo-goblet-squat"];
    const full = [...few, "stick-overhead-squat", "empty-bar-overhead-squat"];
    expect(unserved(few)).not.toEqual([]);
    expect(unserved(full)).toEqual([]);
    const stiff = { ...request, athlete: { ...base.athlete, limiters: ["hamstring-length" as const] } };
    expect(unserved(full, stiff)).toEqual(["hamstring-length"]);
  });
});
