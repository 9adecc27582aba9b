import Papa from "papaparse";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "@/server/__tests__/database";
import { type Actor, actAs } from "@/server/access/actor";
import { takenOutLately } from "@/server/access/taken-out";
import { GET } from "./export/[file]/route";
import { POST } from "./import/bundle/route";

withTemporaryDatabase();

const owner: Actor = { role: "owner", name: "Maja", userId: null, athleteId: null };
const coach: Actor = { role: "coach", name: "Teo", userId: null, athleteId: null };

/** What somebody gets who asks for a file. */
function file(name: string, actor: Actor = owner): Promise<Response> {
  const [path] = name.split("?");
  const request = new Request(`http://127.0.0.1/export/${name}`);
  return actAs(actor, () => GET(request, { params: Promise.resolve({ file: path! }) }));
}

/** What somebody is told who sends a backup. */
async function send(how: "look" | "take", body: string, headers: Record<string, string> = {}) {
  const request = new Request(`http://127.0.0.1/import/bundle?do=${how}`, { method: "POST", body, headers });
  const answer = await actAs(owner, () => POST(request));
  return { status: answer.status, ...(await answer.json()) };
}

beforeAll(() => seedDemo(new Date()));

test.each([
  "athletes.csv",
  "working-weights.csv",
  "tests.csv",
  "trials.csv",
  "follow-ups.csv",
  "sets-done.csv",
])(
  "%s is a table that spreadsheets read, each row as long as its head; who took it is written down",
  async (name) => {
    const answer = await file(name, coach);
    expect(answer.status).toBe(200);
    expect(answer.headers.get("content-disposition")).toMatch(/attachment; filename=".+\.csv"/);
    const bytes = Buffer.from(await answer.arrayBuffer());
    expect([...bytes.subarray(0, 3)]).toEqual([0xef, 0xbb, 0xbf]);
    const { data, errors } = Papa.parse<string[]>(bytes.toString("utf8").slice(1).trim());
    expect(errors).toEqual([]);
    expect(data[0]!.length).toBeGreaterThan(6);
    expect(data[0]).toContain("name");
    expect(new Set(data.map((row) => row.length)).size).toBe(1);
    expect((await takenOutLately())[0]).toMatchObject({ who: "Teo", what: `All of ${name}` });
  },
);

test("the full backup is the owner's, and goes in again as it came out", async () => {
  expect((await file("bundle.json", coach)).status).toBe(403);
  const text = await (await file("bundle.json")).text();
  expect((await takenOutLately())[0]).toMatchObject({ who: "Maja", what: "Full backup" });
  const looked = await send("look", text);
  expect(looked).toMatchObject({ status: 200, kind: "done" });
  expect(await send("take", text)).toMatchObject({ status: 200, kind: "done" });
  const { exportedAt: _, ...before } = JSON.parse(text);
  const { exportedAt: __, ...after } = JSON.parse(await (await file("bundle.json")).text());
  expect(after).toEqual(before);
});

test("what is no backup is refused with what is wrong, and changes nothing", async () => {
  const before = await (await file("athletes.csv")).text();
  for (const body of ["", "no JSON", "[]", '{"format":"something else"}', '{"format":"iron-step"}']) {
    const answer = await send("take", body);
    expect([body, answer.status, answer.kind]).toEqual([body, 422, "refused"]);
    expect(answer.faults[0]).toMatch(/^[A-Z].+\.$/);
  }
  const tooLarge = await send("take", "{}", { "content-length": String(300 * 2 ** 20) });
  expect(tooLarge).toMatchObject({ status: 422, faults: [expect.stringMatching(/200 MB/)] });
  expect(await (await file("athletes.csv")).text()).toBe(before);
});

test("a pack, the schema of backups and the calendar have their types; what there is not is said", async () => {
  const pack = await file("pack.json?of=");
  expect(JSON.parse(await pack.text())).toHaveProperty("format");
  const schema = await file("bundle.schema.json");
  expect(schema.headers.get("content-type")).toBe("application/schema+json");
  expect(JSON.parse(await schema.text())).toHaveProperty("$schema");
  const calendar = await file("sessions.ics");
  expect(calendar.headers.get("content-type")).toMatch(/^text\/calendar/);
  expect(await calendar.text()).toMatch(/^BEGIN:VCALENDAR/);
  expect((await file("passwords.csv")).status).toBe(404);
});
