import { expect, type Page, test } from "@playwright/test";
import { expectNothing } from "./axe";
import { serverForTests } from "./server";

const server = serverForTests({ demo: true });

const GROUP = "/session/tomorrow-pilots";
const EACH = "/session/today-masters";

const state = async (session: string) => {
  // What was just started is on its way.
  await expect.poll(async () => (await fetch(`${server.url}/api/floor/${session}`)).ok).toBe(true);
  return (await (await fetch(`${server.url}/api/floor/${session}`)).json()) as {
    plan: { athletes: { id: string; name: string; lifts: { sets: { weight: number; reps: number }[] }[] }[] };
    state: {
      people: Record<
        string,
        { presence: string; lifts: Record<number, { stopped?: object; ramp?: object }> }
      >;
    };
    events: { kind: string; athlete: string | null }[];
  };
};

/** Everything that is on is done, as often as it takes until a button's name says something else. */
async function untilTheBar(page: Page) {
  const next = page.getByRole("button", { name: /^Done\./ });
  await expect(next).toBeVisible();
  while (await next.isVisible()) {
    const name = await next.textContent();
    await next.click();
    await expect(next.filter({ hasText: name! })).toHaveCount(0);
  }
}

test("a group is run from start to the first working sets: absent, late, a check, a pain, another weight", async ({
  page,
}) => {
  await page.setViewportSize({ width: 1024, height: 768 });
  await page.goto(`${server.url}${GROUP}`);
  await page.getByRole("link", { name: "Start: Harbour pilots" }).click();
  await expect(page.getByRole("heading", { name: "Harbour pilots" })).toBeVisible();
  await expectNothing(page);
  await page.getByRole("button", { name: "Start now" }).click();
  const now = page.getByRole("region", { name: "Together" });
  await expect(now.getByRole("timer")).toBeVisible();
  await expectNothing(page);

  // One is not there, and comes later with what still fits.
  await page.getByRole("button", { name: "Ilse Maartens" }).click();
  await page.getByRole("button", { name: "Not here" }).click();
  await expect(page.getByText("Ilse Maartens: not here")).toBeVisible();
  await page
    .getByRole("link", { name: "Together" })
    .or(page.getByRole("button", { name: "Together" }))
    .click();
  const first = await now.getByRole("heading", { level: 1 }).textContent();
  await page.getByRole("button", { name: /^Done\. Next/ }).click();
  await expect(now.getByRole("heading", { level: 1 })).not.toHaveText(first!);
  // What was tapped by mistake is taken back.
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(now.getByRole("heading", { level: 1 })).toHaveText(first!);
  await page.getByRole("button", { name: /^Done\. Next/ }).click();
  await page.getByRole("button", { name: "Ilse Maartens" }).click();
  await page
    .getByRole("button", { name: /^Here now/ })
    .first()
    .click();
  await page.getByRole("button", { name: "Together" }).click();
  await untilTheBar(page);

  // The racks, in the order of what is on the bar.
  await page.getByRole("button", { name: "Racks" }).click();
  const rack = page.getByRole("article", { name: "Rack 1" });
  await expect(rack.getByRole("button", { name: "Done" })).toBeVisible();
  await expectNothing(page);
  for (let set = 0; set < 6; set++) {
    const who = rack.getByRole("button").first();
    const before = await rack.textContent();
    await rack.getByRole("button", { name: "Done" }).click();
    await expect(who).toBeVisible();
    await expect.poll(() => rack.textContent()).not.toBe(before);
  }
  await rack.getByRole("button", { name: "All well" }).first().click();
  await expect(page.getByText(/: all well$/)).toBeVisible();

  // One is tight and takes what is offered; another's pain stops the lift.
  await rack.getByRole("button", { name: "Other" }).first().click();
  const asked = page.getByRole("region", { name: "First loaded set" });
  await expect(asked).toBeVisible();
  const name = (await page.getByRole("heading", { level: 1 }).textContent())!;
  await asked.getByRole("button", { name: "Tight or heavy, no pain" }).click();
  const offers = page.getByRole("region", { name: "What can be done" });
  await offers.getByRole("listitem").first().getByRole("button").click();
  await expect(offers).toBeHidden();
  await expectNothing(page);
  await page.getByRole("button", { name: "Kenji Arakaki" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Kenji Arakaki" })).toBeVisible();
  // What is left of the drills, ticked in the list; then the first ramp set.
  const next = page.getByRole("list", { name: "All steps" }).getByRole("button", { pressed: false }).first();
  const wordsOfNext = async () => (await next.textContent())!;
  for (let words = await wordsOfNext(); !/×.*press/.test(words); words = await wordsOfNext()) {
    await next.click();
    await expect(next).not.toHaveText(words);
  }
  await page.getByRole("button", { name: "right", exact: true }).click();
  await page.getByRole("button", { name: "Other weight or repetitions" }).click();
  await page.getByRole("button", { name: "Weight down" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "heavy" }).click();
  await page.getByRole("button", { name: "Change the rest" }).click();
  await page
    .getByRole("dialog")
    .getByRole("button", { name: /% off the working weight/ })
    .first()
    .click();
  await expect(page.getByText(/^Kenji Arakaki: .* % off the working weight$/)).toBeVisible();
  await page.getByRole("button", { name: "Pain", exact: true }).first().click();
  const dialog = page.getByRole("dialog");
  await dialog.getByRole("button", { name: "Shoulder" }).click();
  await dialog.getByRole("button", { name: "6", exact: true }).click();
  await expect(dialog.getByRole("alert")).toContainText("licensed clinician");
  await expectNothing(page);
  await dialog.getByRole("button", { name: "Note and stop the lift" }).click();
  await expect(page.getByText(/Lift stopped for pain/)).toBeVisible();

  const { plan, state: stored } = await state("tomorrow-pilots");
  const tight = plan.athletes.find((a) => a.name === name)!;
  expect(stored.people[tight.id]!.lifts[0]!.ramp).toBeDefined();
  expect(stored.people.kenji!.lifts[0]!.stopped).toBeDefined();

  await page.getByRole("button", { name: "Sound, wall and finish" }).click();
  await expectNothing(page);
  await page.getByRole("button", { name: "Finish the session" }).click();
  await expect(page.getByRole("heading", { name: "Finished" })).toBeVisible();
  await expect(page.getByRole("listitem").filter({ hasText: "Kenji Arakaki:" })).toContainText(
    "shoulder 6 of 10",
  );
  await expectNothing(page);
  // From then on the session shows what was done; its plan is a click away.
  await page.goto(`${server.url}${GROUP}`);
  await expect(page).toHaveURL(/\/record$/);
  await expect(page.getByText("shoulder 6 of 10")).toBeVisible();
  await page.getByRole("link", { name: "The plan" }).click();
  await expect(page.getByRole("link", { name: "What was done: Harbour pilots" })).toBeVisible();
});

test("tablet, wall and phone show the same, and each only what is theirs", async ({ page, browser }) => {
  const { plan } = await startEach(page);
  await page.goto(`${server.url}${EACH}/phones`);
  await page.getByRole("button", { name: "Share all links" }).click();
  const phoneHref = (await page
    .getByRole("link", { name: /^\/card\// })
    .first()
    .getAttribute("href"))!;
  await page.goto(`${server.url}${EACH}/floor`);
  await page.getByRole("button", { name: "Sound, wall and finish" }).click();
  await page.getByRole("button", { name: "Show on a wall" }).click();
  const wallHref = (await page.getByRole("link", { name: "Open the wall" }).getAttribute("href"))!;
  await page.keyboard.press("Escape");
  const wall = await browser.newPage({ viewport: { width: 1920, height: 1080 } });
  await wall.goto(server.url + wallHref);
  const [given] = plan.athletes[0]!.name.split(" ");
  const onWall = wall.getByRole("region").filter({ hasText: given! });
  await expect(onWall).toBeVisible();
  await expect(wall.getByText(plan.athletes[0]!.name)).toHaveCount(0);
  await expectNothing(wall);
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await phone.goto(server.url + phoneHref);
  await expectNothing(phone);
  const before = await phone.getByRole("region", { name: "Now" }).getByRole("heading").first().textContent();
  await expect(onWall).toContainText(before!);
  await phone.getByRole("button", { name: "Done" }).click();
  await expect(phone.getByRole("region", { name: "Now" }).getByRole("heading").first()).not.toHaveText(
    before!,
  );
  await expect(onWall).not.toContainText(before!);
  // Asks for less: shown what it would be, taken by the coach.
  await phone.getByRole("button", { name: "Less time, or no kit" }).click();
  await phone.getByRole("button", { name: "No kit here" }).click();
  await expect(phone.getByRole("dialog").getByRole("status")).toContainText("to the first working set");
  await expectNothing(phone);
  await phone.getByRole("button", { name: "Ask the coach" }).click();
  await page.getByRole("button", { name: plan.athletes[0]!.name }).first().click();
  const asked = page.getByRole("region", { name: "Asked for" });
  await expect(asked).toContainText("no kit");
  await asked.getByRole("button", { name: "Take it" }).click();
  await expect(asked).toBeHidden();
  await expect(phone.getByText("The coach has your question.")).toBeHidden();
  await phone.getByRole("button", { name: "It hurts" }).click();
  await phone.getByRole("dialog").getByRole("button", { name: "Knee" }).click();
  await phone.getByRole("dialog").getByRole("button", { name: "2", exact: true }).click();
  await phone.getByRole("dialog").getByRole("button", { name: "Note", exact: true }).click();
  await expect(page.getByText(/Pain 2 of 10, knee, dull \(from the phone\)/)).toBeVisible();
  await expect(page.getByText(/own tick/).first()).toBeVisible();
  await expect(wall.getByText(/pain/i)).toHaveCount(0);
  await wall.close();
  await phone.close();
});

async function startEach(page: Page) {
  await page.goto(`${server.url}${EACH}/floor`);
  const start = page.getByRole("button", { name: /^Start/ }).last();
  await start.click();
  await expect(page.getByRole("region", { name: "Everybody" })).toBeVisible();
  return state("today-masters");
}

/** Counts how often a page is loaded anew from now on. */
function countLoads(page: Page) {
  let loads = 0;
  page.on("domcontentloaded", () => (loads += 1));
  return () => loads;
}

/** Waits until a page of the floor is kept, with what it is made of. */
async function kept(page: Page, path: string) {
  const isKept = async (p: string) => {
    const html = await (await caches.match(p))?.text();
    const parts = html?.match(/\/_next\/static\/[^"'\\\s)]+/g) ?? [];
    const there = await Promise.all(parts.map((part) => caches.match(part)));
    return html !== undefined && there.every((t) => t !== undefined);
  };
  await expect.poll(() => page.evaluate(isKept, path), { timeout: 60_000 }).toBe(true);
}

test("without the server it goes on, also after a reload; what was tapped goes out once when it is back", async ({
  page,
}) => {
  const path = "/session/today-throwers/floor";
  await page.goto(server.url + path);
  await kept(page, path);
  await page
    .getByRole("button", { name: /^Start/ })
    .last()
    .click();
  await state("today-throwers");
  // The moment after the start: the plan that the server has kept may not be here yet.
  await server.stop();
  const loads = countLoads(page);
  const done = page.getByRole("button", { name: /^Done: / });
  for (const i of [0, 1, 2]) await done.nth(i).click();
  await expect(page.getByText("3 not sent yet")).toBeVisible();
  await page.reload();
  // That the server has the start may not have been written down here before the page was left: then it goes out again.
  await expect(page.getByText(/^[34] not sent yet$/)).toBeVisible();
  await expect(page.getByText("The server does not answer")).toHaveCount(0);
  expect(loads()).toBe(1);
  await page.getByRole("button", { name: "Racks" }).click();
  await expect(page.getByRole("article", { name: "Rack 1" })).toBeVisible();
  await server.start();
  await expect(page.getByText(/not sent yet/)).toHaveCount(0, { timeout: 30_000 });
  const { events } = await state("today-throwers");
  expect(events.map((e) => e.kind)).toEqual(["started", "step-done", "step-done", "step-done"]);
});

test("a wall that waits stands through a server that is away, and begins with the session", async ({
  page,
  browser,
}) => {
  await page.goto(`${server.url}/session/tomorrow-throwers/floor`);
  await page.getByRole("button", { name: "Show on a wall" }).click();
  const href = (await page.getByRole("link", { name: "Open the wall" }).getAttribute("href"))!;
  const wall = await browser.newPage({ viewport: { width: 1920, height: 1080 } });
  await wall.goto(server.url + href);
  const waiting = wall.getByRole("heading", { level: 1, name: "Throwing squad" });
  await expect(waiting).toBeVisible();
  await expectNothing(wall);
  const loads = countLoads(wall);
  const asked = wall.waitForEvent("requestfailed");
  await server.stop();
  await asked;
  await expect(waiting).toBeVisible();
  await server.start();
  await page
    .getByRole("button", { name: /^Start/ })
    .last()
    .click();
  await expect(waiting).toHaveCount(0, { timeout: 30_000 });
  await expect(wall.getByRole("heading", { level: 1 })).toBeVisible();
  expect(loads()).toBe(0);
  await wall.close();
});

test("a session of the day is started while the server is away", async ({ page }) => {
  const path = "/session/today-pilots/floor";
  // Today keeps the floor of each session of the day.
  await page.goto(server.url);
  await kept(page, path);
  await server.stop();
  await page.goto(server.url + path);
  await page
    .getByRole("button", { name: /^Start/ })
    .last()
    .click();
  const done = page.getByRole("button", { name: /^Done: / });
  await done.first().click();
  await expect(page.getByText("2 not sent yet")).toBeVisible();
  await page.reload();
  await expect(page.getByText("2 not sent yet")).toBeVisible();
  await server.start();
  await expect(page.getByText(/not sent yet/)).toHaveCount(0, { timeout: 30_000 });
  const { plan, events } = await state("today-pilots");
  expect(plan.athletes).toHaveLength(9);
  expect(events.map((e) => e.kind)).toEqual(["started", "step-done"]);
  await expect(done.first()).toBeVisible();
});
