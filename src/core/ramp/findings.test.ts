import { kgGym, rampRequest, squat } from "@/__tests__/fixtures";
import { barKit } from "../plates";
import { type Weight, weight } from "../units";
import { planRamp, type RampFinding, type RampRequest } from ".";
import { adjustmentFindings, rampFindings } from "./findings";
import { rampLimits } from "./limits";

const clean = { ...squat, id: "clean", fromFloor: true, olympic: true };
const plate = (kg: number, fullDiameter = kg >= 10) => ({ weight: weight(kg), pairs: 4, fullDiameter });
const bar = (...plates: ReturnType<typeof plate>[]) => barKit(weight(20), 0 as Weight, plates);

/** What is said of a ramp of these weights, all other things as they should be. */
function saidOf(
  kilograms: readonly number[],
  change: Partial<Parameters<typeof rampFindings>[1]> = {},
  request: RampRequest = rampRequest(100, 5),
): RampFinding[] {
  const limits = rampLimits(request, request.working.weight, weight(20));
  return rampFindings(request, {
    ...{ limits, weights: kilograms.map(weight), wanted: kilograms.length, reps: kilograms.map(() => 3) },
    ...{ fromFloor: false, fixedReleased: false, ...change },
  });
}
const codes = (found: readonly RampFinding[]) => found.map((f) => f.code);

describe("what is said of a ramp", () => {
  test("nothing of one that keeps the rules", () => {
    expect(saidOf([20, 50, 70, 90])).toEqual([]);
  });

  test("that it needs none, and what to do instead, with plates and without", () => {
    const [found] = saidOf([], { wanted: 0 }, rampRequest(22.5, 5));
    expect(found).toMatchObject({ code: "no-ramp-needed" });
    expect(found!.message).toMatch(
      /^22\.5 kg is close to the lightest load there is.*lighter bar or a stick\.$/,
    );
  });

  test("jumps that grow, where no light sets came before", () => {
    const grows = [20, 40, 70, 90];
    expect(codes(saidOf(grows))).toEqual(["jump-grows"]);
    expect(saidOf(grows)[0]!.message).toContain("The jump to 70 kg is larger");
    expect(saidOf(grows, { hasLightSets: true })).toEqual([]);
  });

  test("sets that are no step apart, but not a first one done again", () => {
    expect(codes(saidOf([20, 50, 87.5, 90]))).toContain("sets-close");
    expect(codes(saidOf([20, 20, 50, 70, 90], { hasLightSets: true }))).toEqual([]);
  });

  test("a last jump that is too large, with its share", () => {
    const [found] = saidOf([20, 50, 70]);
    expect(found).toMatchObject({ code: "last-jump" });
    expect(found!.message).toMatch(/30 kg, 30 %.*sets of 5/);
  });

  test("that there is no room for all sets", () => {
    expect(saidOf([20, 50, 70, 90], { wanted: 6 })[0]!.message).toMatch(/leave room for 4 of 6/);
  });

  test("that it costs working sets, and that an estimate from so many repetitions is poor", () => {
    expect(codes(saidOf([20, 50, 70, 90], { reps: [12, 10, 8, 8] }))).toContain("ramp-tiring");
    expect(codes(saidOf([20, 50, 70], {}, rampRequest(100, 15)))).toContain("poor-estimate");
  });

  test("that what was set by hand had to go, and that not all was compared", () => {
    expect(codes(saidOf([20, 50, 70, 90], { fixedReleased: true, isExact: false }))).toEqual([
      "own-weight-released",
      "too-many-loads",
    ]);
  });
});

describe("where the bar does not stand at full height", () => {
  const said = (kg: number, kit = kgGym, lift: RampRequest["lift"] = clean) =>
    planRamp(rampRequest(kg, 3, { lift, kit })).findings.find((f) => f.code === "from-blocks")?.message;

  test("an Olympic lift is done from the hang, others on blocks", () => {
    expect(said(50)).toMatch(/full height from 40 kg, 80 % .* from the hang, or with the bar on blocks\.$/);
    expect(said(45, kgGym, { ...clean, olympic: false })).toMatch(/with the bar on blocks or in the rack\.$/);
  });

  test("a lift that is not Olympic begins on the floor with up to 80 %", () => {
    expect(said(55, kgGym, { ...clean, olympic: false })).toBeUndefined();
    expect(said(55)).toBeDefined();
  });

  test("no plate is of full diameter, or only some that are too heavy", () => {
    expect(said(60, bar(plate(10, false), plate(5)))).toMatch(/^No plate here is of full diameter/);
    expect(said(60, bar(plate(25), plate(10, false), plate(5)))).toMatch(/from 70 kg\. Lift from the hang/);
  });
});

describe("what is said of a ramp that was changed on the way", () => {
  const request = rampRequest(100, 5);
  const facts = { reached: weight(70), isLastJump: false, lastJumpLimit: weight(20), setsGivenUp: 0 };
  const said = (change: Partial<Parameters<typeof adjustmentFindings>[1]>) =>
    adjustmentFindings(request, { ...facts, takesTooLong: null, ...change });

  test("nothing where all is well", () => {
    expect(said({})).toEqual([]);
  });

  test("a jump to the work that is more than is wanted", () => {
    expect(said({ isLastJump: true })[0]!.message).toMatch(/^From 70 kg it is 30 % .* at once/);
  });

  test.each([
    [100, /has been reached: the next set is the first working set/],
    [110, /More than the working weight has been lifted already: take the bar down to 100 kg/],
  ])("%d kg have been lifted", (kg, sentence) => {
    const [found] = said({ reached: weight(kg) });
    expect(found!.code).toBe("working-weight-reached");
    expect(found!.message).toMatch(sentence);
  });

  test("what was left out to fit the time, and if it takes too long even so", () => {
    expect(said({ setsGivenUp: 1 })[0]!.message).toBe("To fit the time, one set is left out.");
    const both = said({ setsGivenUp: 2, takesTooLong: 150 });
    expect(both.map((f) => f.code)).toEqual(["hurried", "over-time"]);
    expect(both[1]!.message).toContain("2 min 30 s");
  });
});
