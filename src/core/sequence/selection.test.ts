import fc from "fast-check";
import { planRequest } from "@/__tests__/fixtures";
import { planWarmUp } from "../plan";
import type { Candidate } from "./choice-model";
import { objectiveOf, Selection } from "./selection";

const model = planWarmUp(planRequest("front-squat", 90, { minutes: 20 })).choice.model;
const candidate = (id: string) => model.candidates.find((c) => c.drill.id === id)!;
const anyChoice = fc.uniqueArray(fc.constantFrom(...model.candidates), {
  maxLength: 8,
  selector: (c) => c.drill.id,
});

test("the gain of a candidate is what the objective gains", () => {
  fc.assert(
    fc.property(anyChoice, fc.constantFrom(...model.candidates), (chosen, incoming) => {
      fc.pre(!chosen.some((c) => c.drill.id === incoming.drill.id));
      const selection = new Selection(model);
      for (const c of chosen) selection.add(c);
      const gain = selection.gain(incoming);
      expect(gain).toBeCloseTo(objectiveOf(model, [...chosen, incoming]) - objectiveOf(model, chosen), 9);
    }),
  );
});

test("taking out what was put in leaves nothing behind", () => {
  fc.assert(
    fc.property(anyChoice, anyChoice, (stays, goes) => {
      const passing = goes.filter((c) => !stays.some((s) => s.drill.id === c.drill.id));
      const selection = new Selection(model);
      for (const c of [...stays, ...passing]) selection.add(c);
      for (const c of passing) selection.remove(c);
      expect(selection.objective()).toBeCloseTo(objectiveOf(model, stays), 9);
      expect(selection.seconds).toBe(stays.reduce((sum, c) => sum + c.seconds, 0));
    }),
  );
});

test("the objective does not depend on the order of choosing", () => {
  fc.assert(
    fc.property(anyChoice, (chosen) => {
      expect(objectiveOf(model, chosen.toReversed())).toBeCloseTo(objectiveOf(model, chosen), 9);
    }),
  );
});

test("more of the same brings less", () => {
  const ankle = model.candidates.filter(
    (c) => c.serves.length === 1 && c.serves[0]!.served >= 2 && c.phase === "mobilise",
  );
  fc.assert(
    fc.property(fc.constantFrom(...model.candidates), fc.constantFrom(...ankle), (first, more) => {
      fc.pre(first.drill.id !== more.drill.id && first.planes === more.planes && first.phase === "activate");
      const selection = new Selection(model);
      const alone = selection.gain(more);
      selection.add(first);
      expect(selection.gain(more)).toBeLessThanOrEqual(alone + 1e-9);
    }),
  );
});

describe("what may join", () => {
  const holding = (...chosen: Candidate[]) => {
    const selection = new Selection(model);
    for (const c of chosen) selection.add(c);
    return selection;
  };

  test("is one of a family", () => {
    expect(holding().admits(candidate("body-weight-squat"))).toBe(true);
    expect(holding(candidate("tempo-goblet-squat")).admits(candidate("body-weight-squat"))).toBe(false);
  });

  test("fits the time", () => {
    const tight = new Selection({ ...model, seconds: 20 });
    expect(tight.admits(candidate("front-plank"))).toBe(false);
  });

  test("fits the number of drills of its phase", () => {
    const rule = model.phases.findIndex((p) => p.phase === "raise");
    const raises = model.candidates.filter((c) => c.phaseIndex === rule);
    const [a, b, c] = ["jog-on-the-spot", "heel-flicks", "lateral-shuffle"].map(
      (id) => raises.find((r) => r.drill.id === id)!,
    );
    expect(holding(a!).admits(b!)).toBe(true);
    expect(holding(a!, b!).admits(c!)).toBe(false);
  });

  test("stays within the seconds for limiters that alone let it in", () => {
    const request = planRequest("bench-press", 70, {
      athlete: { experience: "intermediate", limiters: ["ankle-dorsiflexion"], areas: [] },
    });
    const own = planWarmUp(request).choice.model;
    const ankle = own.candidates.filter((c) => c.onlyForLimiters.length > 0);
    expect(ankle.length).toBeGreaterThan(0);
    for (const c of ankle) {
      expect(new Selection(own).admits(c)).toBe(c.workSeconds <= 60);
    }
  });
});
