import { drain } from "@/lib/drain";

test("runs to the end and gives what is returned, not what is told on the way", () => {
  let told = 0;
  function* work() {
    for (; told < 3; told++) yield told;
    return "done";
  }
  expect(drain(work())).toBe("done");
  expect(told).toBe(3);
});

test("what goes wrong on the way is not swallowed", () => {
  // biome-ignore lint/correctness/useYield: it fails before it has anything to tell
  function* work() {
    throw new Error("broken");
  }
  expect(() => drain(work())).toThrow("broken");
});
