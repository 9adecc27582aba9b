import { changeLift, moveLift, removeLift } from "./lift-list";

const plan = (...lifts: [name: string, pairedWithNext: boolean][]) => ({
  day: "Monday",
  lifts: lifts.map(([name, pairedWithNext]) => ({ name, pairedWithNext })),
});
const names = ({ lifts }: ReturnType<typeof plan>) => lifts.map((l) => l.name).join(" ");

describe("removeLift", () => {
  it("takes out the lift at a place and keeps the rest of the plan", () => {
    expect(removeLift(plan(["squat", false], ["bench", false], ["row", false]), 1)).toEqual(
      plan(["squat", false], ["row", false]),
    );
  });
  it("unpairs the lift that has become the last", () => {
    expect(removeLift(plan(["bench", true], ["row", false]), 1)).toEqual(plan(["bench", false]));
  });
  it("keeps the only lift, and the very same plan", () => {
    const only = plan(["squat", false]);
    expect(removeLift(only, 0)).toBe(only);
  });
});

describe("moveLift", () => {
  const three = plan(["squat", false], ["bench", true], ["row", false]);
  it.each([
    [0, 2, "bench row squat"],
    [2, 0, "row squat bench"],
    [1, 1, "squat bench row"],
  ])("moves the lift at %i to %i", (at, to, order) => {
    expect(names(moveLift(three, at, to))).toBe(order);
  });
  it("unpairs a pair's first lift when it comes last", () => {
    expect(moveLift(three, 1, 2).lifts.map((l) => l.pairedWithNext)).toEqual([false, false, false]);
  });
  it.each([
    [3, 0],
    [0, 3],
    [0, -1],
  ])("changes nothing from %i to %i", (at, to) => {
    expect(moveLift(three, at, to)).toBe(three);
  });
});

describe("changeLift", () => {
  const pair = plan(["bench", false], ["row", false]);
  const paired = (l: { name: string; pairedWithNext: boolean }) => ({ ...l, pairedWithNext: true });
  it("changes the lift at a place alone", () => {
    expect(changeLift(pair, 0, paired)).toEqual(plan(["bench", true], ["row", false]));
  });
  it("never pairs the last lift, which has none after it", () => {
    expect(changeLift(pair, 1, paired)).toEqual(pair);
  });
});
