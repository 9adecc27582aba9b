import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { shippedCatalog as catalog } from "@/catalog";
import { planOfSquat } from "@/server/__tests__/requests";
import { planResponseSchema } from "@/server/schemas/responses";
import { answerRequest, pdfResponse } from "./threads";

const asked = (body: unknown, init: RequestInit = {}) =>
  new Request("http://localhost/api/plan", {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: typeof body === "string" ? body : JSON.stringify(body),
    ...init,
  });

test("an answer is the same as it is worked out, and so is a refusal", async () => {
  const done = await answerRequest("plan", asked(planOfSquat), catalog);
  expect(done.status).toBe(200);
  expect(planResponseSchema.parse(await done.json()).steps.length).toBeGreaterThan(3);
  const wrong = await answerRequest("plan", asked({ unit: "kg" }), catalog);
  expect(wrong.status).toBe(400);
  expect(wrong.headers.get("content-type")).toBe("application/problem+json");
});

test("a body that is too large goes to no thread, one that is not said to be JSON is refused", async () => {
  const large = await answerRequest("plan", asked({ note: "x".repeat(1_200_000) }), catalog);
  expect(large.status).toBe(413);
  const plain = asked(planOfSquat, { headers: { "content-type": "text/plain" } });
  expect((await answerRequest("plan", plain, catalog)).status).toBe(415);
});

test("documents need the app as it is built, and that is said", async () => {
  const pages = { kind: "cards", of: { session: {} as never, cards: [] } } as const;
  const none = await pdfResponse(pages, "cards", asked(""), catalog);
  expect(none.status).toBe(503);
  expect((await none.json()).title).toMatch(/npm start/);
});

describe("in a thread", () => {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-thread-"));
  beforeAll(() => {
    const script = path.join(folder, "thread.mjs");
    const answer = "({ status: 200, contentType: 'text/plain', body: task.answer.of })";
    writeFileSync(
      script,
      `export default async ({ task }) => { await new Promise((r) => setTimeout(r, 100)); return ${answer}; };`,
    );
    process.env.WORK_THREAD = script;
  });
  afterAll(() => {
    delete process.env.WORK_THREAD;
    rmSync(folder, { recursive: true, force: true });
  });

  test("answers come in turn; who comes when too many wait is asked to come again", async () => {
    const all = await Promise.all(
      Array.from({ length: 24 }, () => answerRequest("ramp", asked({}), catalog)),
    );
    const done = all.filter((r) => r.status === 200);
    const turnedAway = all.filter((r) => r.status === 503);
    expect(done.length + turnedAway.length).toBe(24);
    expect(done.length).toBeGreaterThanOrEqual(16);
    expect(turnedAway.length).toBeGreaterThan(0);
    expect(await done[0]!.text()).toBe("ramp");
    expect(turnedAway[0]!.headers.get("retry-after")).toBe("5");
    expect((await turnedAway[0]!.json()).title).toMatch(/Ask again/);
  });

  test("work that nobody waits for any more ends", async () => {
    const leaving = new AbortController();
    const request = asked({}, { signal: leaving.signal });
    const answer = answerRequest("ramp", request, catalog);
    setTimeout(() => leaving.abort(), 20);
    expect((await answer).status).toBe(499);
  });
});
