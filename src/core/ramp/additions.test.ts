import fc from "fast-check";
import { anyGym, clean, kgGym, rampRequest, squat } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { loadableWeights } from "../plates";
import { weight, weightValue } from "../units";
import { ADDITION_IDS, type AdditionId, additionsFor, planRamp, type RampRequest } from ".";

const powerClean = { ...clean, family: "clean" as const };
const request = (additions: readonly AdditionId[], change: Partial<RampRequest> = {}): RampRequest => ({
  ...rampRequest(100, 3),
  lift: powerClean,
  additions,
  ...change,
});
const noted = (ramp: ReturnType<typeof planRamp>, text: string) =>
  ramp.sets.flatMap((s, i) => (s.notes.some((n) => n.startsWith(text)) ? [i] : []));

const anyMix = fc
  .record({
    gym: anyGym,
    pick: fc.double({ min: 0.3, max: 1, noNaN: true }),
    reps: fc.integer({ min: 1, max: 5 }),
    additions: fc.subarray([...ADDITION_IDS]),
    family: fc.constantFrom("snatch" as const, "clean" as const, "jerk" as const),
    fromFloor: fc.boolean(),
    receivesLow: fc.boolean(),
  })
  .map(({ gym, pick, reps, additions, family, fromFloor, receivesLow }): RampRequest => {
    const all = loadableWeights(gym.kit, weight(400));
    const working = all[Math.floor(pick * (all.length - 1))]!;
    return {
      ...rampRequest(100, reps),
      ...gym,
      working: { weight: working, reps, sets: 3, rir: 1 },
      lift: { ...clean, family, fromFloor },
      additions,
      receivesLow,
    };
  });

test("in any mix each addition keeps to its first sets, its share of the working weight and its time", () => {
  fc.assert(
    fc.property(anyMix, (mixed) => {
      const ramp = planRamp(mixed);
      const wanted = additionsFor(mixed.lift).filter((a) => mixed.additions!.includes(a.id));
      const texts = { barefoot: "Barefoot", "pause-above-knee": "Pause", "receive-and-hold": "Lift, " };
      for (const [id, text] of Object.entries(texts)) {
        const places = noted(ramp, text);
        const addition = wanted.find((a) => a.id === id);
        if (!addition) expect(places).toEqual([]);
        for (const i of places) {
          expect(i).toBeLessThan(addition!.mostSets);
          expect(ramp.sets[i]!.fraction).toBeLessThanOrEqual(addition!.upTo);
        }
      }
      // A pause is for the first reps, never for a single.
      for (const i of noted(ramp, "Pause")) expect(ramp.sets[i]!.reps).toBeGreaterThan(1);
      const seconds = ramp.sets.reduce((sum, s) => sum + s.seconds + s.restSeconds, 0);
      expect(ramp.totals.seconds).toBe(seconds);
      for (const s of ramp.sets) expect(s.seconds).toBeGreaterThan(0);
    }),
    cases(100),
  );
});

test("a bar complex comes first, with the empty bar, also where the ramp begins at full height", () => {
  const plain = planRamp(request([]));
  const ramp = planRamp(request(["bar-complex"]));
  expect(plain.sets[0]!.weight).toBeGreaterThan(kgGym.empty);
  expect(ramp.sets[0]!.weight).toBe(kgGym.empty);
  expect(ramp.sets[0]!.notes[0]).toMatch(/^Bar complex, 5 each: Romanian deadlift/);
  expect(ramp.sets).toHaveLength(plain.sets.length + 1);
  const fromRack = request(["bar-complex"], { lift: { ...powerClean, fromFloor: false, family: "jerk" } });
  const jerk = planRamp(fromRack);
  expect(jerk.sets).toHaveLength(planRamp({ ...fromRack, additions: [] }).sets.length);
  expect(jerk.sets[0]!.notes[0]).toMatch(/press in split/);
});

test("barefoot sets end with shoes on, and those who need heels do the power version", () => {
  const ramp = planRamp(request(["barefoot"], { receivesLow: false }));
  const last = noted(ramp, "Barefoot").at(-1)!;
  expect(ramp.sets[0]!.notes).toContain("Power version");
  expect(ramp.sets[last + 1]!.notes).toContain("Shoes on from here");
  expect(noted(planRamp(request(["barefoot"])), "Power version")).toEqual([]);
});

test("receive and hold is two lifts with a squat between them; the hold takes its seconds", () => {
  const [plain] = planRamp(request([])).sets;
  const [held] = planRamp(request(["receive-and-hold"])).sets;
  expect(held!.reps).toBe(2);
  expect(held!.notes[0]).toBe("Lift, front squat held low 8 s, lift");
  const perRep = (plain!.seconds - 10) / plain!.reps;
  expect(held!.seconds).toBe(Math.round(10 + 2 * perRep + 12));
});

test("pauses add their seconds to the set", () => {
  const plain = planRamp(request([])).sets;
  const paused = planRamp(request(["pause-above-knee"])).sets;
  plain.forEach((s, i) => {
    const pauses = s.fraction <= 0.8 && i < 5 ? Math.min(2, s.reps - 1) : 0;
    expect(paused[i]!.seconds - s.seconds).toBe(2 * pauses);
    expect(weightValue(paused[i]!.weight)).toBe(weightValue(s.weight));
  });
});

test("other lifts have none", () => {
  expect(additionsFor(squat)).toEqual([]);
  const all = planRamp({ ...rampRequest(100, 5), additions: ADDITION_IDS });
  expect(all).toEqual(planRamp(rampRequest(100, 5)));
});
