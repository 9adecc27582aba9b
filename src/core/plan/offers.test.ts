import { approach, planRequest } from "@/__tests__/fixtures";
import { isMeant } from "../catalog";
import { offersInWords, planWarmUp } from ".";

const own = [
  {
    drill: "front-plank",
    anyOf: ["dead-bug", "bird-dog", "no-such-drill"],
    condition: { reached: "60 s clean", next: "plank-slides" },
  },
];
const steps = planWarmUp({ ...planRequest("back-squat", 80, { minutes: 20 }), own }).steps;
const plank = steps.find((s) => s.drill.id === "front-plank")!;

test("a drill is offered with others, and with what comes once it is easy; what there is not is left out", () => {
  expect(plank.anyOf.map((d) => d.id)).toEqual(["dead-bug", "bird-dog"]);
  expect(plank.condition).toMatchObject({ reached: "60 s clean", next: { id: "plank-slides" } });
});

test("and only the first takes time until one is taken", () => {
  const ids = steps.map((s) => s.drill.id);
  expect(ids.filter((id) => id === "dead-bug" || id === "bird-dog")).toEqual([]);
});

test("the card says both in words", () => {
  expect(offersInWords(plank)).toEqual([
    "Or Dead bug or Bird dog, as you like.",
    "60 s clean: then Plank slides.",
  ]);
  expect(offersInWords(steps.find((s) => s !== plank)!)).toEqual([]);
});

test("a slot that offers shows its next best drills for the athlete, which do the same job; pinned it is what the coach says", () => {
  const by = approach("one-per-job");
  const request = planRequest("back-squat", 80, { approach: by, minutes: 20 });
  const plan = planWarmUp(request);
  const offering = by.slots.filter((s) => s.offers);
  const offered = plan.steps.filter((s) => s.round === 1 && s.anyOf.length > 0);
  expect(offered).toHaveLength(offering.length);
  for (const { drill, anyOf } of offered) {
    const slot = offering.find((s) => isMeant(drill, s.filledBy))!;
    expect(anyOf.length).toBeLessThanOrEqual(2);
    for (const other of anyOf) {
      expect(isMeant(other, slot.filledBy)).toBe(true);
      expect(plan.steps.map((s) => s.drill.id)).not.toContain(other.id);
    }
  }
  const [first] = offered;
  const pinned = planWarmUp({ ...request, own: [{ drill: first!.drill.id }] });
  expect(pinned.steps.find((s) => s.drill.id === first!.drill.id)!.anyOf).toEqual([]);
});
