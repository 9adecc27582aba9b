import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { codeFor, withSignInOn } from "../__tests__/pairing";
import { cookiesOfRequest } from "../__tests__/request";
import { post } from "../__tests__/requests";
import { currentActor } from "../access/actor";
import { devices, endDevice } from "../access/devices";
import { route } from "../access/route";
import { newCode } from "../access/secrets";
import { getTests } from "./athlete-record";
import { postPair } from "./pair";

jest.mock("next/headers", () => jest.requireActual("../__tests__/request").nextHeaders);

withTemporaryDatabase();
withSignInOn();

const browser = cookiesOfRequest();
const bearer = (token: string) => new Headers({ authorization: `Bearer ${token}` });

beforeAll(() => seedDemo(new Date()));
beforeEach(() => {
  browser.clear();
  browser.from(`10.2.${Math.floor(Math.random() * 250)}.${Math.floor(Math.random() * 250)}`);
});

test("a program is let in by a code, is what the code was shown for, and is listed and ended like a tablet", async () => {
  const answer = await post(postPair, { code: await codeFor({ role: "assistant" }), name: "Timing gates" });
  expect(answer.status).toBe(201);
  const { token, role } = await answer.json();
  expect(role).toBe("assistant");
  // No cookie: what is kept is the program's business.
  expect(browser.header()).toBe("");
  expect(await currentActor(bearer(token))).toMatchObject({ role: "assistant", name: "Timing gates" });
  const listed = (await devices()).find((d) => d.name === "Timing gates")!;
  await endDevice(listed.id);
  expect(await currentActor(bearer(token))).toBeNull();
});

test("with its token a program has the routes of its role, with another one none", async () => {
  const { token } = await (await post(postPair, { code: await codeFor(), name: "Spreadsheet" })).json();
  const tests = route("GET /api/tests", async () => getTests());
  const ask = (headers?: Headers) => tests(new Request("http://127.0.0.1/api/tests", { headers }));
  expect((await ask(bearer(token))).status).toBe(200);
  for (const wrong of [`${token.slice(0, -1)}-`, "", "x", "'; drop table device"])
    expect((await ask(bearer(wrong))).status).toBe(401);
});

test.each([
  [{ code: "ABC234" }, "name"],
  [{ code: "", name: "Gates" }, "code"],
  [{ code: "ABC234", name: "Gates" }, "code"],
])("%j is refused, and the field named", async (body, path) => {
  const answer = await post(postPair, body);
  expect(answer.status).toBe(400);
  expect((await answer.json()).errors[0]).toMatchObject({ path });
});

test("who guesses codes is told how long to wait", async () => {
  const tries: Response[] = [];
  for (let i = 0; i < 7; i++) tries.push(await post(postPair, { code: newCode(), name: "Gates" }));
  expect(tries[0]!.status).toBe(400);
  expect(tries.at(-1)!.status).toBe(429);
  expect(Number(tries.at(-1)!.headers.get("retry-after"))).toBeGreaterThan(0);
});
