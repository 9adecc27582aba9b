import { RequestIds } from "./use-ask";

const add = () => {};
const change = () => {};

function numbered() {
  let n = 0;
  return new RequestIds(() => `id ${++n}`);
}

test("what is sent again before it is answered is one request", () => {
  const ids = numbered();
  expect(ids.of(add, { names: "Mia" })).toBe("id 1");
  expect(ids.of(add, { names: "Mia" })).toBe("id 1");
  ids.answered("id 1");
  expect(ids.of(add, { names: "Mia" })).toBe("id 2");
});

test("what was changed before it was sent again is another request", () => {
  const ids = numbered();
  ids.of(add, { names: "Mia" });
  expect(ids.of(add, { names: "Mia, Ben" })).toBe("id 2");
  expect(ids.of(change, { names: "Mia, Ben" })).toBe("id 3");
});

test("a late answer to an earlier request leaves the open one open", () => {
  const ids = numbered();
  ids.of(add, { names: "Mia" });
  ids.of(add, { names: "Ben" });
  ids.answered("id 1");
  expect(ids.of(add, { names: "Ben" })).toBe("id 2");
});
