import { editDrillList, pinDrill, swapDrill } from ".";
import { type DrillChoices, dropDrill, letGoDrill } from "./drill-list";

const nothing: DrillChoices & { minutes: number } = { own: [], circuits: [], dropped: [], minutes: 18 };

test("a drill that is wanted is no longer dropped, and the other way round; everything else stays", () => {
  const dropped = dropDrill(nothing, "bird-dog");
  expect(dropped).toEqual({ ...nothing, dropped: ["bird-dog"] });
  const wanted = pinDrill(dropped, { drill: "bird-dog" });
  expect(wanted).toEqual({ own: [{ drill: "bird-dog" }], circuits: [], dropped: [], minutes: 18 });
  expect(dropDrill(wanted, "bird-dog")).toEqual(dropped);
  expect(letGoDrill(wanted, "bird-dog")).toEqual(nothing);
  expect(letGoDrill(dropped, "bird-dog")).toEqual(nothing);
});

test("what is said of a drill adds to what was said, the latest last", () => {
  const placed = pinDrill(nothing, { drill: "bird-dog", place: 2 });
  const dosed = pinDrill(pinDrill(placed, { drill: "front-plank" }), {
    drill: "bird-dog",
    dose: { sets: 1, amount: 8 },
  });
  expect(dosed.own).toEqual([
    { drill: "front-plank" },
    { drill: "bird-dog", place: 2, dose: { sets: 1, amount: 8 } },
  ]);
  expect(pinDrill(dosed, { drill: "bird-dog", place: 0 }).own.at(-1)).toMatchObject({ place: 0 });
});

test("a drill is wanted for the block that was said last; the first goes without saying", () => {
  const later = pinDrill(nothing, { drill: "bird-dog", block: 1 });
  expect(later.own).toEqual([{ drill: "bird-dog", block: 1 }]);
  expect(pinDrill(later, { drill: "bird-dog", block: 0 }).own).toEqual([{ drill: "bird-dog" }]);
  expect(pinDrill(later, { drill: "bird-dog", block: 2 }).own).toEqual([{ drill: "bird-dog", block: 2 }]);
});

test("twice dropped is dropped once, and what was not said is let go of without harm", () => {
  expect(dropDrill(dropDrill(nothing, "bird-dog"), "bird-dog").dropped).toEqual(["bird-dog"]);
  expect(letGoDrill(nothing, "bird-dog")).toEqual(nothing);
});

describe("a circuit", () => {
  const circuit = {
    drills: ["bird-dog", "dead-bug", "front-plank"],
    rounds: 3,
    restInside: 0,
    restBetween: 30,
  };
  const dose = { sets: 1, amount: 6 };
  const made = editDrillList(nothing, { kind: "circuit", circuit, drills: [{ drill: "bird-dog", dose }] });

  test("pins its drills, at the doses that are given", () => {
    expect(made.circuits).toEqual([circuit]);
    expect(made.own).toEqual([{ drill: "bird-dog", dose }, { drill: "dead-bug" }, { drill: "front-plank" }]);
  });

  test("is left by a drill that is dropped, and is none with one drill", () => {
    const two = dropDrill(made, "dead-bug");
    expect(two.circuits).toEqual([{ ...circuit, drills: ["bird-dog", "front-plank"] }]);
    const left = editDrillList(two, { kind: "leave-circuit", drill: { drill: "bird-dog", dose } });
    expect(left.circuits).toEqual([]);
    expect(left.own).toEqual([{ drill: "front-plank" }, { drill: "bird-dog", dose, alone: true }]);
  });

  test("keeps a drill that is pinned again, and takes a swapped one in the other's place", () => {
    expect(pinDrill(made, { drill: "dead-bug", dose }).circuits).toEqual([circuit]);
    const swapped = swapDrill(made, "dead-bug", { drill: "side-plank" });
    expect(swapped.circuits[0]?.drills).toEqual(["bird-dog", "side-plank", "front-plank"]);
    expect(swapped.own.at(-1)).toEqual({ drill: "side-plank" });
  });

  test("takes a drill out of the one that it was in", () => {
    const other = { ...circuit, drills: ["front-plank", "side-plank"], rounds: 2 };
    const both = editDrillList(made, { kind: "circuit", circuit: other, drills: [] });
    expect(both.circuits.map((c) => c.drills)).toEqual([
      ["bird-dog", "dead-bug"],
      ["front-plank", "side-plank"],
    ]);
  });
});
