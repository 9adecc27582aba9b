import fc from "fast-check";
import { cases } from "@/lib/__tests__/cases";
import { changed, type History, historyText, keptHistory, redone, startHistory, undone } from "@/lib/history";

const one = startHistory("a");
const three = changed(changed(one, "b"), "c");

test("changes are undone one by one and done again", () => {
  const back = undone(undone(three));
  expect(back).toEqual({ past: [], present: "a", future: ["b", "c"] });
  expect(undone(back)).toBe(back);
  const forth = redone(redone(back));
  expect(forth).toEqual(three);
  expect(redone(forth)).toBe(forth);
});

test("a change after undoing ends what was undone", () => {
  const other = changed(undone(three), "d");
  expect(other).toEqual({ past: ["a", "b"], present: "d", future: [] });
  expect(redone(other)).toBe(other);
});

test("whatever is done, as many undos as changes lead back to the start", () => {
  const steps = fc.array(fc.oneof(fc.nat(), fc.constantFrom("undo", "redo")), { maxLength: 60 });
  fc.assert(
    fc.property(steps, (done) => {
      let history: History<number> = startHistory(-1);
      for (const step of done) {
        if (step === "undo") history = undone(history);
        else if (step === "redo") history = redone(history);
        else history = changed(history, step as number);
      }
      const all = [...history.past, history.present, ...history.future];
      expect(all[0]).toBe(-1);
      for (let left = history.past.length; left > 0; left--) history = undone(history);
      expect(history.present).toBe(-1);
      expect([history.present, ...history.future]).toEqual(all);
    }),
    cases(100),
  );
});

test("the oldest of very many changes can no longer be undone", () => {
  let history = startHistory(0);
  for (let i = 1; i <= 250; i++) history = changed(history, i);
  expect(history.past).toHaveLength(200);
  expect(history.past[0]).toBe(50);
});

describe("kept while the page is away", () => {
  test("it comes back where what is stored is what it ended with", () => {
    const history = undone(three);
    expect(keptHistory(historyText(history, 7), 7, "b")).toEqual(history);
  });

  test("whatever the order of the fields in what is stored", () => {
    const history = changed(startHistory<object>({ a: 1 }), { a: 1, b: { c: 2, d: 3 } });
    for (const stored of [
      { a: 1, b: { c: 2, d: 3 } },
      { b: { d: 3, c: 2 }, a: 1 },
    ])
      expect(keptHistory<object>(historyText(history, 7), 7, stored)?.past).toEqual([{ a: 1 }]);
  });

  test("not where somebody has saved since, or something else is stored", () => {
    const text = historyText(three, 7);
    // One revision on it is its own last change, which was being saved.
    expect(keptHistory(text, 8, "c")).toEqual(three);
    expect(keptHistory(text, 9, "c")).toBeNull();
    expect(keptHistory(text, 7, "x")).toBeNull();
  });

  test("the latest forty each way", () => {
    let history = startHistory(0);
    for (let i = 1; i <= 100; i++) history = changed(history, i);
    const kept = keptHistory<number>(historyText(history, 1), 1, 100)!;
    expect([kept.past.length, kept.past[0]]).toEqual([40, 60]);
    for (let i = 0; i < 100; i++) history = undone(history);
    const undoneAll = keptHistory<number>(historyText(history, 1), 1, 0)!;
    expect([undoneAll.future.length, undoneAll.future[0]]).toEqual([40, 1]);
  });

  test("what cannot be read, or has nothing to undo, is as good as none", () => {
    expect(keptHistory(historyText(one, 7), 7, "a")).toBeNull();
    for (const text of [null, "", "{ not json", "null", "3", '{"revision":7,"present":"c"}'])
      expect(keptHistory(text, 7, "c")).toBeNull();
  });
});
