import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import { doseOf } from "../dose";
import type { CircuitPart } from "../drills";
import {
  changeMove,
  joinMove,
  type ListedDrill,
  leaveMove,
  rowMove,
  rowsOf,
  throughMoves,
  timesThrough,
} from ".";

const by = (who: CircuitPart["by"], ...drills: string[]): CircuitPart => ({
  ...{ by: who, key: drills.join(" "), restInside: 10, restBetween: 30 },
  drills: who === "coach" ? drills : [],
});
const listed = (drill: string, circuit: CircuitPart | null = null, rounds = 1): ListedDrill => {
  const { dose } = drillById(catalog, drill)!;
  return { drill, dose: doseOf(dose, { sets: 1, amount: dose.amount[1] }), rounds, circuit };
};
const coachs = by("coach", "dead-bug", "bird-dog");
const approachs = by("approach", "band-walk", "glute-bridge");
/** cat-and-cow · [dead-bug, bird-dog] · face-pull · [band-walk, glute-bridge] */
const list = [
  listed("cat-and-cow"),
  ...[listed("dead-bug", coachs, 3), listed("bird-dog", coachs, 3)],
  listed("face-pull"),
  ...[listed("band-walk", approachs, 2), listed("glute-bridge", approachs, 2)],
];
/** Where a drill, or the head before it, stands among the rows. */
const row = (drill: string) => rowsOf(list).findIndex((r) => r.kind === "drill" && r.drill === drill);

test("two drills become a superset of as many rounds as there were sets, where the first of them stands", () => {
  const move = joinMove(list, "cat-and-cow", "face-pull", "before");
  expect(move).toMatchObject({
    kind: "circuit",
    circuit: { drills: ["cat-and-cow", "face-pull"], rounds: 2, restInside: 0 },
    drills: [{ drill: "cat-and-cow", place: 0, dose: { sets: 1 } }, { drill: "face-pull" }],
  });
});

test("a drill that is put into a circuit takes its rounds and rests", () => {
  const move = joinMove(list, "face-pull", "dead-bug", "after");
  const circuit = {
    drills: ["dead-bug", "face-pull", "bird-dog"],
    rounds: 3,
    restInside: 10,
    restBetween: 30,
  };
  expect(move).toMatchObject({ kind: "circuit", circuit });
});

test("the circuit of an approach is the coach's once it is changed", () => {
  expect(changeMove(list, approachs.key, { rounds: 3 })).toMatchObject({
    circuit: { drills: ["band-walk", "glute-bridge"], rounds: 3, restInside: 10 },
    drills: [{ drill: "band-walk", place: 4 }, { drill: "glute-bridge" }],
  });
});

test("a drill that is taken out is done in as many sets", () => {
  expect(leaveMove(list, "bird-dog", 2)).toMatchObject({
    kind: "leave-circuit",
    drill: { drill: "bird-dog", place: 2, dose: { sets: 3 } },
  });
});

describe("a row that is moved", () => {
  test("into a circuit joins it", () => {
    expect(rowMove(list, row("face-pull"), row("bird-dog"))).toMatchObject({
      circuit: { drills: ["dead-bug", "face-pull", "bird-dog"] },
    });
    expect(rowMove(list, row("face-pull"), row("dead-bug"))).toMatchObject({
      circuit: { drills: ["face-pull", "dead-bug", "bird-dog"] },
    });
  });

  test("out of its circuit leaves it; inside it changes places", () => {
    expect(rowMove(list, row("bird-dog"), 0)).toMatchObject({ kind: "leave-circuit", drill: { place: 0 } });
    expect(rowMove(list, row("bird-dog"), row("dead-bug"))).toMatchObject({
      circuit: { drills: ["bird-dog", "dead-bug"] },
    });
    expect(rowMove(list, row("dead-bug"), row("bird-dog"))).toMatchObject({
      circuit: { drills: ["bird-dog", "dead-bug"] },
    });
    expect(rowMove(list, row("glute-bridge"), row("band-walk"))).toMatchObject({ kind: "pin", place: 4 });
  });

  test("between others is pinned there", () => {
    expect(rowMove(list, row("cat-and-cow"), row("face-pull"))).toMatchObject({ kind: "pin", place: 3 });
    expect(rowMove(list, row("face-pull"), row("face-pull"))).toBeNull();
  });

  test("by its head moves all of the circuit", () => {
    expect(rowMove(list, row("dead-bug") - 1, 0)).toMatchObject({ kind: "pin", drill: "dead-bug", place: 0 });
    const last = rowsOf(list).length - 1;
    expect(rowMove(list, row("dead-bug") - 1, last)).toMatchObject({
      kind: "pin",
      drill: "dead-bug",
      place: 4,
    });
  });
});

test("all of a sequence is one circuit when it is gone through more than once, but for the raise", () => {
  const once = new Set(["cat-and-cow"]);
  const [move] = throughMoves(list, 3, once);
  const drills = list.map((l) => l.drill).filter((d) => d !== "cat-and-cow");
  expect(move).toMatchObject({ kind: "circuit", circuit: { drills, rounds: 3 } });
  expect(timesThrough(list, once)).toBe(1);
  const whole = by("coach", ...drills);
  const through = drills.map((d) => listed(d, whole, 3));
  expect(timesThrough([list[0]!, ...through], once)).toBe(3);
  expect(throughMoves([list[0]!, ...through], 1, once).map((m) => m.kind)).toEqual(
    drills.map(() => "leave-circuit"),
  );
  expect(throughMoves(list.slice(0, 2), 2, once)).toEqual([]);
});
