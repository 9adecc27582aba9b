import { readPlans } from "@/data/plans";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { groupPlanOf, openSession, warmUpsOf } from "../__tests__/now";
import { openCatalog } from "../library/catalog";
import { planKey, plansFor } from "./plan-store";
import { type PlanTask, planText, readPlan } from "./plan-task";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

async function opened(id: string) {
  const found = await openSession(id);
  if (!found.ok) throw new Error("not opened");
  return found.value;
}

async function memberTask(): Promise<PlanTask & { kind: "member" }> {
  const { session, gym, members } = await opened("today-throwers");
  const { athlete, draft } = members[0]!;
  return { kind: "member", session, gym, member: { athlete, draft }, part: null };
}

test("a plan comes back from its text with the drills of the catalog", async () => {
  const catalog = await openCatalog();
  const plan = readPlan<"member">(planText(await memberTask(), catalog), catalog)!;
  expect(plan.steps.length).toBeGreaterThan(3);
  for (const { drill } of plan.steps) expect(catalog.drills).toContain(drill);
  expect(plan.blocks[0]).not.toHaveProperty("choice");
});

test("a text that names a drill that there is no longer is no plan", async () => {
  const catalog = await openCatalog();
  const text = planText(await memberTask(), catalog);
  const [first] = readPlan<"member">(text, catalog)!.steps;
  const without = { ...catalog, drills: catalog.drills.filter((d) => d.id !== first!.drill.id) };
  expect(readPlan<"member">(text, without)).toBeNull();
});

test("who asks for the same at once waits for the same, and it is kept in the database", async () => {
  const catalog = await openCatalog();
  const asked = [{ key: "some-key", task: await memberTask() }];
  const [one, other] = await Promise.all([
    plansFor<"member">(asked, catalog),
    plansFor<"member">(asked, catalog),
  ]);
  expect(one).toEqual(other);
  expect(readPlan<"member">((await readPlans(["some-key"])).get("some-key")!, catalog)).toEqual(one[0]);
});

test("what is kept is not worked out again", async () => {
  const catalog = await openCatalog();
  const task = await memberTask();
  const [plan] = await plansFor<"member">([{ key: "kept", task }], catalog);
  // A task that could not be planned: nobody looks at it.
  const broken = { ...task, session: { ...task.session, approach: "gone" } };
  expect(await plansFor<"member">([{ key: "kept", task: broken }], catalog)).toEqual([plan]);
});

test("a plan that cannot be worked out fails for who asked, and is tried again the next time", async () => {
  const catalog = await openCatalog();
  const task = await memberTask();
  const broken = { ...task, member: { ...task.member, draft: { ...task.member.draft, approach: "gone" } } };
  await expect(plansFor<"member">([{ key: "broken", task: broken }], catalog)).rejects.toThrow(/"gone"/);
  expect(await plansFor<"member">([{ key: "broken", task }], catalog)).toHaveLength(1);
});

test("a key depends on every text, on their order and on the kind", () => {
  const keys = [
    planKey("member", "a", "b"),
    planKey("member", "b", "a"),
    planKey("member", "a"),
    planKey("group", "a", "b"),
  ];
  expect(new Set(keys).size).toBe(keys.length);
  expect(planKey("member", "a", "b")).toBe(keys[0]);
});

test("each of a group has the group's drills", async () => {
  const session = await opened("tomorrow-masters");
  const plan = (await groupPlanOf(session))!;
  const warmUps = await warmUpsOf(session);
  expect(warmUps).toHaveLength(plan.members.length);
  for (const { member, plan: own } of warmUps) {
    const part = plan.members.find((m) => m.id === member.athlete.id)!;
    expect(own.steps.filter((s) => s.block === 0).map((s) => s.drill.id)).toEqual(
      part.steps.map((s) => s.drill),
    );
  }
});
