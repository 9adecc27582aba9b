import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { compareBundle, copyContentAction, readBundle } from "../__tests__/now";
import { openCatalog } from "../library/catalog";
import { openSession } from "../sessions/open-session";
import { saveSession } from "../sessions/save-session";
import { keepTemplate } from "../sessions/start-session";
import { packItems, packText } from "./pack";

withTemporaryDatabase();
beforeAll(() => seedDemo(new Date()));

test("a pack has what was chosen and what that names of the gym's own, and nobody in it", async () => {
  const made = await copyContentAction({ kind: "lift", of: "back-squat" });
  const other = await copyContentAction({ kind: "drill", of: "front-plank" });
  if (made.kind !== "copied" || other.kind !== "copied") throw new Error("not copied");
  const catalog = await openCatalog();
  const opened = await openSession("today-pilots", catalog);
  if (!opened.ok) throw new Error("not opened");
  const { session, revision } = opened.value;
  await saveSession(
    { revision, session: { ...session, lifts: [{ ...session.lifts[0]!, lift: made.id }] } },
    catalog,
  );
  await keepTemplate({ sessionId: session.id, name: "Ours" });
  const items = await packItems();
  expect(items.map((i) => i.kind).sort()).toEqual(["drill", "lift", "template"]);
  const template = items.find((i) => i.kind === "template")!;
  const text = await packText([template.id], catalog);
  const pack = JSON.parse(text);
  expect(pack).toMatchObject({ athletes: [], sessions: [], gyms: [], groups: [] });
  expect(pack.library.map((l: { id: string }) => l.id)).toEqual([made.id]);
  expect(pack.templates.map((t: { name: string }) => t.name)).toEqual(["Ours"]);
  const read = await readBundle(new TextEncoder().encode(text));
  if (!read.ok) throw new Error(read.error.join());
  const look = await compareBundle(read.value);
  expect(look.ok && look.value.changes.find((c) => c.part === "library")).toMatchObject({
    added: 0,
    same: 1,
  });
});
