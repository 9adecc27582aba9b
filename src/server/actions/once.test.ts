import { withTemporaryDatabase } from "../__tests__/database";
import { once } from "./once";

withTemporaryDatabase();

test("a request that is sent again is done once, and who sent it gets the same answer", async () => {
  let done = 0;
  const work = async () => {
    done += 1;
    return { made: done };
  };
  const all = await Promise.all([once("a", work), once("a", work), once("a", work)]);
  expect(all).toEqual([{ made: 1 }, { made: 1 }, { made: 1 }]);
  expect(await once("a", work)).toEqual({ made: 1 });
  expect(await once("b", work)).toEqual({ made: 2 });
  expect(await once(undefined, work)).toEqual({ made: 3 });
  expect(await once(undefined, work)).toEqual({ made: 4 });
});

test("also when the server was started anew between", async () => {
  const answer = { kind: "added", ids: ["x"] };
  await once("before", async () => answer);
  const again = jest.fn(async () => ({ kind: "added", ids: ["y"] }));
  await jest.isolateModulesAsync(async () => {
    const started = await import("./once");
    expect(await started.once("before", again)).toEqual(answer);
  });
  expect(again).not.toHaveBeenCalled();
});

test("one that failed may be tried again", async () => {
  await expect(once("c", () => Promise.reject(new Error("no")))).rejects.toThrow("no");
  await expect(once("c", () => Promise.resolve("yes"))).resolves.toBe("yes");
});
