import { finishBetweenRequests } from "./finish-between-requests";

function* counting(to: number, seen: number[] = []): Generator<number, string> {
  for (let i = 1; i <= to; i++) {
    seen.push(i);
    yield i;
  }
  return "done";
}

test("work that nobody stops is finished", async () => {
  await expect(finishBetweenRequests(counting(5), new AbortController().signal)).resolves.toBe("done");
});

test("work that nobody waits for ends after the step it is in", async () => {
  const stop = new AbortController();
  const seen: number[] = [];
  const running = finishBetweenRequests(counting(1000, seen), stop.signal);
  setImmediate(() => stop.abort());
  await expect(running).resolves.toBeNull();
  expect(seen.length).toBeGreaterThan(0);
  expect(seen.length).toBeLessThan(1000);
});

test("work that is stopped before it begins does nothing", async () => {
  const seen: number[] = [];
  await expect(finishBetweenRequests(counting(3, seen), AbortSignal.abort())).resolves.toBeNull();
  expect(seen).toEqual([]);
});

test("others get their turn between steps", async () => {
  const order: string[] = [];
  function* slow(): Generator<void, null> {
    for (let i = 0; i < 3; i++) {
      order.push("step");
      yield;
    }
    return null;
  }
  const running = finishBetweenRequests(slow(), new AbortController().signal);
  setImmediate(() => order.push("other"));
  await running;
  expect(order.indexOf("other")).toBeGreaterThan(0);
  expect(order.indexOf("other")).toBeLessThan(order.lastIndexOf("step"));
});

test("what goes wrong in a step is told to whoever waits", async () => {
  // biome-ignore lint/correctness/useYield: it fails before it has anything to tell.
  function* broken(): Generator<void, void> {
    throw new Error("no");
  }
  await expect(finishBetweenRequests(broken(), new AbortController().signal)).rejects.toThrow("no");
});
