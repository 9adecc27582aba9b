import { joinWords } from "./join-words";

test("words are joined by commas, the last by a word", () => {
  expect(joinWords([])).toBe("");
  expect(joinWords(["a"])).toBe("a");
  expect(joinWords(["a", "b"])).toBe("a and b");
  expect(joinWords(["a", "b", "c"])).toBe("a, b and c");
  expect(joinWords(["a", "b", "c"], "or")).toBe("a, b or c");
});
