import { drillById } from "@/core/catalog";
import { planWarmUp } from "@/core/plan";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  newContentAction,
  noteFilmAction,
  openWarmUp,
  readBundle,
  wishForDrillAction,
} from "../__tests__/now";
import { bundleText } from "../files/bundle";
import { openCatalog } from "./catalog";
import { openCustomContent } from "./custom-content";
import { wishesOfDrill } from "./wishes";

withTemporaryDatabase();
beforeAll(() => seedDemo(new Date()));

const DRILL = "front-plank";
const wishOf = async (name: RegExp) => (await wishesOfDrill(DRILL)).find((w) => name.test(w.name))!;

test("what a gym and a group wish of a drill reaches their athletes", async () => {
  const group = await wishOf(/pilots/);
  expect(await wishForDrillAction({ of: "group", id: group.id, drill: DRILL, wish: "never" })).toEqual({
    kind: "wished",
  });
  const [gym] = (await wishesOfDrill(DRILL)).filter((w) => w.of === "gym");
  await wishForDrillAction({ of: "gym", id: gym!.id, drill: DRILL, wish: "favourite" });
  const opened = await openWarmUp("today-pilots", "ilse");
  if (!opened.ok) throw new Error("not opened");
  expect(opened.value.member.athlete.wishes).toEqual({ favourites: [], never: [DRILL] });
  expect(opened.value.gym.wishes).toEqual({ favourites: [DRILL], never: [] });
  await wishForDrillAction({ of: "group", id: group.id, drill: DRILL, wish: "usual" });
  expect((await wishOf(/pilots/)).wish).toBe("usual");
  expect(await wishForDrillAction({ of: "group", id: "none", drill: DRILL, wish: "never" })).toMatchObject({
    kind: "refused",
  });
});

test("a film of the coach's own is shown with its drill, is in the backup, and goes again", async () => {
  const url = "https://films.example/plank";
  await noteFilmAction({ drill: DRILL, url });
  expect(drillById(await openCatalog(), DRILL)!.film).toBe(url);
  let text = "";
  for await (const piece of bundleText(await openCatalog())) text += piece;
  const read = await readBundle(new TextEncoder().encode(text));
  expect(JSON.stringify(read)).toContain(url);
  expect(await noteFilmAction({ drill: DRILL, url: "javascript:alert(1)" })).toMatchObject({
    kind: "refused",
    message: expect.stringMatching(/whole address/),
  });
  await noteFilmAction({ drill: DRILL, url: null });
  expect(drillById(await openCatalog(), DRILL)!.film).toBeUndefined();
});

test.each([
  { kind: "drill", name: "Wall sit", phase: "activate", serves: "squat" },
  { kind: "lift", name: "Log press", asks: "vertical-push" },
  { kind: "approach", name: "Short and plain" },
])("a $kind from nothing can be opened and changed", async (request) => {
  const made = await newContentAction(request);
  if (made.kind !== "copied") throw new Error(made.message);
  const opened = await openCustomContent(made.id);
  expect(opened).toMatchObject({ kind: request.kind, draft: { name: request.name } });
  expect(await newContentAction({ ...request, name: " " })).toMatchObject({ kind: "refused" });
});

test("an approach from nothing plans every main lift, and a drill from nothing can be chosen", async () => {
  const made = await newContentAction({ kind: "approach", name: "From nothing" });
  const drill = await newContentAction({
    kind: "drill",
    name: "Deep wall sit",
    phase: "activate",
    serves: "squat",
  });
  if (made.kind !== "copied" || drill.kind !== "copied") throw new Error("not made");
  const catalog = await openCatalog();
  const approach = catalog.approaches.find((a) => a.id === made.id)!;
  for (const lift of catalog.lifts.filter((l) => !l.kind)) {
    const plan = planWarmUp({
      ...{ unit: "kg", lifts: [{ lift, kit: null, working: null }], minutes: 14 },
      ...{ athlete: { experience: "intermediate", limiters: [], areas: [] }, approach, room: "normal" },
      ...{ equipment: null, own: [{ drill: drill.id }], dropped: [], drills: catalog.drills },
    });
    expect(plan.steps.map((s) => s.drill.id)).toContain(drill.id);
    expect(plan.steps.length).toBeGreaterThan(1);
    expect(plan.seconds).toBeLessThanOrEqual(14 * 60);
  }
});
