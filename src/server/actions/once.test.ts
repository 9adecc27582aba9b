import { once } from "./once";

test("a request that is sent again is done once, and who sent it gets the same answer", async () => {
  let done = 0;
  const work = async () => {
    done += 1;
    return done;
  };
  expect(await Promise.all([once("a", work), once("a", work), once("a", work)])).toEqual([1, 1, 1]);
  expect(await once("b", work)).toBe(2);
  expect(await once(undefined, work)).toBe(3);
  expect(await once(undefined, work)).toBe(4);
});

test("one that failed may be tried again", async () => {
  await expect(once("c", () => Promise.reject(new Error("no")))).rejects.toThrow("no");
  await expect(once("c", () => Promise.resolve("yes"))).resolves.toBe("yes");
});

test("of very many the newest are remembered", async () => {
  let done = 0;
  const work = () => Promise.resolve(++done);
  for (let i = 0; i < 700; i++) await once(`many ${i}`, work);
  expect(await once("many 699", work)).toBe(700);
  expect(await once("many 0", work)).toBe(701);
});
