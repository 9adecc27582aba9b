import { patientFetch } from "./patient-fetch";

const PAGE = { headers: { rsc: "1" } };
const ADDRESS = "http://gym.example/athletes";

/** A server that is away for so many requests, and then answers. */
function awayFor(requests: number) {
  let asked = 0;
  return jest.fn(async () => {
    if (asked++ < requests) throw new TypeError("Failed to fetch");
    return new Response("page");
  });
}

const noPause = () => Promise.resolve();

test("a page is asked for until the server is back, and it is said that it is waited for", async () => {
  const server = awayFor(3);
  const waiting: number[] = [];
  const fetch = patientFetch(server, (n) => waiting.push(n), noPause);
  expect(await (await fetch(ADDRESS, PAGE)).text()).toBe("page");
  expect(server).toHaveBeenCalledTimes(4);
  expect(waiting).toEqual([1, 0]);
});

test("a page of which only the beginning has come is asked for once more", async () => {
  const broken = new ReadableStream({
    start: (stream) => stream.enqueue(new TextEncoder().encode("pa")),
    pull: (stream) => stream.error(new TypeError("network error")),
  });
  const server = jest.fn(async () => new Response("page")).mockResolvedValueOnce(new Response(broken));
  const fetch = patientFetch(server, () => {}, noPause);
  expect(await (await fetch(ADDRESS, PAGE)).text()).toBe("page");
  expect(server).toHaveBeenCalledTimes(2);
});

test.each([502, 504])("a proxy that answers %d for a server that is away is no answer", async (status) => {
  const server = jest
    .fn(async () => new Response("page"))
    .mockResolvedValueOnce(new Response("", { status }));
  const fetch = patientFetch(server, () => {}, noPause);
  expect(await (await fetch(ADDRESS, PAGE)).text()).toBe("page");
  expect(server).toHaveBeenCalledTimes(2);
});

test("what is wrong with the server itself is told, not waited for", async () => {
  const server = jest.fn(async () => new Response("damaged", { status: 503 }));
  const fetch = patientFetch(server, () => {}, noPause);
  expect((await fetch(ADDRESS, PAGE)).status).toBe(503);
  expect(server).toHaveBeenCalledTimes(1);
});

test.each([
  ["what is not a page", {}],
  ["what is fetched ahead", { headers: { rsc: "1", "next-router-prefetch": "1" } }],
  ["what changes something", { method: "POST", headers: { rsc: "1" } }],
])("%s fails at once", async (_, init) => {
  const server = awayFor(1);
  const waiting: number[] = [];
  await expect(patientFetch(server, (n) => waiting.push(n), noPause)(ADDRESS, init)).rejects.toThrow("fetch");
  expect(server).toHaveBeenCalledTimes(1);
  expect(waiting).toEqual([]);
});

test("a page that is no longer wanted is no longer waited for", async () => {
  const gone = new AbortController();
  const server = awayFor(Number.POSITIVE_INFINITY);
  const waiting: number[] = [];
  const pause = async () => gone.abort();
  const fetch = patientFetch(server, (n) => waiting.push(n), pause);
  await expect(fetch(ADDRESS, { ...PAGE, signal: gone.signal })).rejects.toThrow("abort");
  expect(waiting).toEqual([1, 0]);
});
