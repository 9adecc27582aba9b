import { clockDigits, initials, paceWords, sideWords } from "./clock-words";
import { soundsOf } from "./floor-sounds";

test("seconds are digits that never go below zero", () => {
  expect([75, 0.2, 59.01, -3].map(clockDigits)).toEqual(["1:15", "0:01", "1:00", "0:00"]);
});

test("pace is said in whole minutes", () => {
  expect([125, -70, 20].map(paceWords)).toEqual(["2 min behind", "1 min ahead", "on time"]);
});

test("initials are of the first and the last name", () => {
  expect(["Rashid al-Amin", "Mei-Lin Cho", "Cher", "Benoît Carrière"].map(initials)).toEqual([
    "RA",
    "MC",
    "C",
    "BC",
  ]);
});

test("sides are named", () => {
  expect([sideWords(null), sideWords(1), sideWords(2)]).toEqual(["", "First side", "Other side"]);
});

const part = (seconds: number, side: 1 | 2 | null, kind: "work" | "rest" = "work") => ({
  ...{ kind, seconds, says: kind === "rest" ? "Rest" : "", side, round: 1, rounds: 1 },
});

test("each side is counted down and changed with a call, the end is heard with what comes next", () => {
  const heard = soundsOf([part(30, 1), part(30, 2)], "Bird dog");
  expect(heard.map((s) => [s.at, s.sound])).toEqual([
    ...[27, 28, 29].map((s) => [s, "tick"]),
    [30, "change"],
    ...[57, 58, 59].map((s) => [s, "tick"]),
    [60, "done"],
  ]);
  expect(heard[3]!.call).toBe("Other side");
  expect(heard.at(-1)!.call).toBe("Next: Bird dog");
});

test("short stretches are not counted down; a rest is called", () => {
  const heard = soundsOf([part(5, null), part(20, null, "rest")], null);
  expect(heard[0]).toEqual({ at: 5, sound: "change", call: "Rest" });
  expect(heard.at(-1)!.call).toBe("Done");
});
