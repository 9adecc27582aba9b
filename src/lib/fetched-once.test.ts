import { fetchedOnce } from "./fetched-once";

test("it is fetched once, and whoever waits is told", async () => {
  let times = 0;
  const code = fetchedOnce(async () => ++times);
  expect(code.current()).toBeNull();
  const told = new Promise<void>((resolve) => void code.subscribe(resolve));
  code.ask();
  code.ask();
  await told;
  code.ask();
  expect(code.current()).toBe(1);
  expect(times).toBe(1);
});

test("what could not be had is tried again while somebody waits, and never an error", async () => {
  let times = 0;
  const code = fetchedOnce(async () => {
    if (++times < 3) throw new Error("The server is away.");
    return times;
  }, 1);
  const told = new Promise<void>((resolve) => void code.subscribe(resolve));
  code.ask();
  await told;
  expect(code.current()).toBe(3);
});
