import { planRequest } from "@/__tests__/fixtures";
import { type Part, planWarmUp } from ".";
import { demandInSentence, reasonFor } from "./reasons";

const { model } = planWarmUp(
  planRequest("front-squat", 90, {
    athlete: { experience: "intermediate", limiters: ["ankle-dorsiflexion"], areas: [] },
  }),
).blocks[0].choice;
const reason = (id: string) => reasonFor(model.candidates.find((c) => c.drill.id === id)!, model.demands);

test.each([
  ["knee-to-wall", "Mobilises ankle dorsiflexion (limiter) for the front squat."],
  ["front-plank", "Activates the trunk against extension for the front squat."],
  ["easy-bike", "Warms you up and mobilises knee flexion for the front squat."],
])("%s: %s", (id, sentence) => {
  expect(reason(id)).toBe(sentence);
});

test("the reason of an own drill that serves nothing says so", () => {
  const plan = planWarmUp(planRequest("bench-press", 70, { own: [{ drill: "calf-raise" }] }));
  const step = plan.steps.find((s) => s.drill.id === "calf-raise")!;
  expect(step.reason).toBe("Your choice: not needed for today's lift.");
});

test("what serves nothing is one's own choice, or done with the others", () => {
  const useless = { ...model.candidates.find((c) => c.phase !== "raise")!, serves: [] };
  const because = (part?: Part) => reasonFor(useless, model.demands, part).split(":")[0];
  expect([undefined, "personal" as const].map(because)).toEqual(["Your choice", "Your choice"]);
  expect((["shared", "substitute"] as const).map(because)).toEqual(["With the others", "With the others"]);
});

test("demands read well inside a sentence", () => {
  expect(demandInSentence("squat")).toBe("the squat pattern");
  expect(demandInSentence("receiving-rack")).toBe("receiving in the rack");
  expect(demandInSentence("trunk-rotation")).toBe("the trunk against rotation");
  expect(demandInSentence("glute-max")).toBe("glute max");
});
