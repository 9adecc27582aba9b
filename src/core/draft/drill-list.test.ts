import { dropDrill, letGoDrill, pinDrill } from ".";

const nothing = { own: [], dropped: [], minutes: 18 };

test("a drill that is wanted is no longer dropped, and the other way round; everything else stays", () => {
  const dropped = dropDrill(nothing, "bird-dog");
  expect(dropped).toEqual({ own: [], dropped: ["bird-dog"], minutes: 18 });
  const wanted = pinDrill(dropped, { drill: "bird-dog" });
  expect(wanted).toEqual({ own: [{ drill: "bird-dog" }], dropped: [], minutes: 18 });
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
