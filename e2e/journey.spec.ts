import { expect, type Page, test } from "@playwright/test";
import { serverForTests } from "./server";
import { saved } from "./signs";
import { neverLooks, openAlive } from "./windows";

const server = serverForTests({ demo: true });

const stair = (page: Page) => page.getByRole("group", { name: /as a stair/ });
const rampLabels = (page: Page) =>
  stair(page)
    .getByRole("button", { name: /^Ramp set/ })
    .evaluateAll((treads) => treads.map((t) => t.getAttribute("aria-label")));
const field = (page: Page, label: string) =>
  page.getByRole("region", { name: "Lift and time" }).getByRole("spinbutton", { name: label, exact: true });

async function type(page: Page, label: string, text: string) {
  await field(page, label).fill(text);
  await field(page, label).press("Enter");
}

/** The same on a page that may not have come to life yet: what is typed before that is nothing. */
async function typeFirst(page: Page, label: string, text: string) {
  await expect(async () => {
    await type(page, label, text);
    await expect(page.getByRole("button", { name: "Undo" })).toBeEnabled({ timeout: 1000 });
  }).toPass();
}

test("a coach plans one athlete's warm-up, comes back to it and prints the card", async ({ page }) => {
  await page.goto(server.url);
  await page.getByRole("link", { name: /Fatoumata Keïta/ }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Warm-up of Fatoumata Keïta: Back squat");
  await expect(stair(page).getByRole("button", { name: "First working set, 97.5 kg" })).toBeVisible();
  const steps = page.getByRole("region", { name: "Steps" });
  const drops = steps.getByRole("button", { name: /^Drop / });
  expect(await drops.count()).toBeGreaterThan(5);

  await test.step("weight, reps, minutes, lift and approach change the plan", async () => {
    const before = await rampLabels(page);
    await type(page, "Working weight", "120");
    await expect(stair(page).getByRole("button", { name: "First working set, 120 kg" })).toBeVisible();
    expect(await rampLabels(page)).not.toEqual(before);

    const fives = await rampLabels(page);
    await type(page, "Reps", "2");
    await expect.poll(() => rampLabels(page)).not.toEqual(fives);

    const many = await drops.count();
    await type(page, "Minutes", "11");
    await expect.poll(() => drops.count()).toBeLessThan(many);
    await type(page, "Minutes", "20");

    await page.getByRole("combobox", { name: "Approach" }).click();
    await page.getByRole("option", { name: /Bar first/ }).click();
    await expect.poll(() => drops.count()).toBeLessThan(5);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect.poll(() => drops.count()).toBeGreaterThan(5);
  });

  await test.step("a drill is chosen, made longer, swapped and dropped", async () => {
    const why = page.getByRole("region", { name: "Why" });
    await stair(page).getByRole("button", { name: /^4, / }).click();
    const name = await why.getByRole("heading", { level: 2 }).textContent();
    await expect(why.getByText(/ for the back squat\.$/)).toBeVisible();
    const swap = why.getByRole("button", { name: /^Swap for / }).first();
    const other = (await swap.getAttribute("aria-label"))!.replace("Swap for ", "");
    await swap.click();
    await expect(why.getByRole("heading", { level: 2 })).toHaveText(other);
    await expect(steps.getByText(`Dropped:${name}: restore`)).toBeVisible();

    const head = why.locator("header");
    const dose = await head.textContent();
    await why
      .getByRole("button", { name: /: (more|less)$/, disabled: false })
      .first()
      .click();
    await expect(head).not.toHaveText(dose!);
    await expect(why.getByRole("button", { name: "Unpin" })).toBeVisible();

    const last = (await drops.last().getAttribute("aria-label"))!;
    await drops.last().click();
    await expect(steps.getByRole("button", { name: last })).toHaveCount(0);
  });

  await test.step("a riser is dragged and snaps to what can be loaded", async () => {
    const riser = stair(page).getByRole("button", { name: /^Ramp set 2,/ });
    const before = await riser.getAttribute("aria-label");
    const grip = riser.locator("rect.cursor-ns-resize");
    const box = (await grip.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 - 24, { steps: 6 });
    await page.mouse.up();
    await expect(riser).not.toHaveAttribute("aria-label", before!);
    await expect(page.getByRole("button", { name: "Recalculate ramp" })).toBeVisible();
  });

  await test.step("the far edge of a drill is dragged and changes its dose", async () => {
    const drill = stair(page).getByRole("button", { name: /^1, / });
    const before = await drill.getAttribute("aria-label");
    const box = (await drill.locator("rect.cursor-ew-resize").boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 60, box.y + box.height / 2, { steps: 5 });
    await page.mouse.up();
    await expect(drill).not.toHaveAttribute("aria-label", before!);
    await expect(steps.getByRole("button", { name: /^Unpin / })).not.toHaveCount(0);
  });

  await test.step("a weight that cannot be loaded is refused with its neighbours", async () => {
    await type(page, "Working weight", "121");
    await expect(page.getByRole("alert").filter({ hasText: "do not make this" })).toBeVisible();
    await expect(stair(page).getByRole("button", { name: "First working set, 120 kg" })).toBeVisible();
    await page.getByRole("button", { name: "122.5 kg" }).click();
    await expect(stair(page).getByRole("button", { name: "First working set, 122.5 kg" })).toBeVisible();
    for (const wrong of ["-5", "0", "heavy", "5"]) {
      await type(page, "Working weight", wrong);
      await expect(field(page, "Working weight")).toHaveAttribute("aria-invalid", "true");
      await field(page, "Working weight").press("Escape");
    }
  });

  await saved(page);
  const ramp = await rampLabels(page);
  const list = await drops.evaluateAll((all) => all.map((d) => d.getAttribute("aria-label")));
  const address = page.url();

  await test.step("nothing is lost when the server is killed and the browser closed", async () => {
    await server.stop();
    await page.goto("about:blank");
    await server.start();
    await page.goto(address);
    await expect(stair(page).getByRole("button", { name: "First working set, 122.5 kg" })).toBeVisible();
    expect(await rampLabels(page)).toEqual(ramp);
    expect(await drops.evaluateAll((all) => all.map((d) => d.getAttribute("aria-label")))).toEqual(list);
  });

  await test.step("another athlete of the session has a plan of their own", async () => {
    await page.getByRole("combobox", { name: "Athlete" }).click();
    await page.getByRole("option", { name: "Consuelo Ibarra" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText(
      "Warm-up of Consuelo Ibarra: Back squat",
    );
    await expect(stair(page).getByRole("button", { name: "First working set, 52.5 kg" })).toBeVisible();
    await page.goto(address);
  });

  await test.step("the card has the plan, its cautions, and fits one page", async () => {
    await page.getByRole("link", { name: "Card" }).click();
    await expect(page.getByRole("heading", { name: "Fatoumata Keïta" })).toBeVisible();
    await expect(page.getByText("a spotter for the heavy sets")).toBeVisible();
    await expect(page.getByText("Not medical advice")).toBeVisible();
    await expect(page.getByRole("table")).toHaveCount(2);
    for (const format of ["A4", "Letter"]) {
      const pdf = (await page.pdf({ format })).toString("latin1");
      expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
    }
  });
});

test("the whole journey by keyboard alone", async ({ page }) => {
  await page.goto(server.url);
  const link = page.getByRole("link", { name: /Gwydion Prosser/ });
  for (let i = 0; i < 80 && !(await link.evaluate((l) => l === document.activeElement)); i++) {
    await page.keyboard.press("Tab");
  }
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Warm-up of Gwydion Prosser: Bench press");

  // The page has come to life once it looks for a better plan.
  await expect(page.getByText(/best selection for this time|under the best possible|better:/)).toBeVisible({
    timeout: 30_000,
  });
  // The lift and the approach by their lists.
  await expect(async () => {
    await page.getByRole("combobox", { name: "Approach" }).focus();
    await page.keyboard.press("Enter");
    await expect(page.getByRole("option", { name: /Temperature first/ })).toBeVisible({ timeout: 1000 });
  }).toPass();
  // The list takes the focus a moment after it is seen.
  await expect(async () => {
    await page.keyboard.press("Home");
    await expect(page.getByRole("option", { name: /Temperature first/ })).toBeFocused({ timeout: 1000 });
  }).toPass();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("combobox", { name: "Approach" })).toHaveText("Temperature first");
  await field(page, "Minutes").focus();
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("ArrowUp");
  await expect(field(page, "Minutes")).toHaveValue("16");
  await field(page, "Minutes").blur();
  // The plan follows what is typed a moment later.
  await expect(stair(page).getByText("16 min")).toBeVisible();

  // Along the stair to the second step; longer, then kept, dropped and brought back by undo.
  const why = page.getByRole("region", { name: "Why" });
  await page.keyboard.press("ArrowRight");
  const second = stair(page).getByRole("button", { name: /^2, / });
  await expect(second).toBeFocused();
  const name = (await why.getByRole("heading", { level: 2 }).textContent())!;
  await page.keyboard.press("l");
  await expect(why.getByRole("button", { name: "Unpin" })).toBeVisible();
  await page.keyboard.press("p");
  await expect(why.getByRole("button", { name: "Pin" })).toBeVisible();
  await page.keyboard.press("d");
  await expect(page.getByText(`Dropped:${name}`)).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(page.getByText(`Dropped:${name}`)).toHaveCount(0);
  await page.keyboard.press("Control+Shift+z");
  await expect(page.getByText(`Dropped:${name}`)).toBeVisible();

  // A swap: S goes to the substitutes, Enter takes the first.
  await page.keyboard.press("s");
  const focused = page.locator(":focus");
  await expect(focused).toHaveText("Swap");
  const other = (await focused.getAttribute("aria-label"))!.replace("Swap for ", "");
  await page.keyboard.press("Enter");
  await expect(why.getByRole("heading", { level: 2 })).toHaveText(other);

  // To the last ramp set, one step lighter.
  await page.locator("body").press("Escape");
  const last = stair(page)
    .getByRole("button", { name: /^Ramp set/ })
    .last();
  for (let i = 0; i < 40 && (await last.getAttribute("aria-pressed")) !== "true"; i++) {
    await page.keyboard.press("ArrowRight");
  }
  const before = (await last.getAttribute("aria-label"))!;
  await page.keyboard.press("ArrowDown");
  await expect(
    stair(page)
      .getByRole("button", { name: /^Ramp set/ })
      .last(),
  ).not.toHaveAttribute("aria-label", before);

  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await saved(page);
  await page.getByRole("link", { name: "Card" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Gwydion Prosser" })).toBeVisible();
});

test("two windows: no change vanishes unseen", async ({ context }) => {
  const one = await context.newPage();
  const two = await context.newPage();
  for (const page of [one, two]) {
    await neverLooks(page);
    await openAlive(page, `${server.url}/session/today-throwers/bogdan`);
  }
  await typeFirst(one, "Reps", "5");
  await saved(one);
  await typeFirst(two, "Sets", "7");
  await expect(two.getByText("Edited somewhere else.")).toBeVisible();
  await two.getByRole("button", { name: "Use theirs" }).click();
  await expect(field(two, "Reps")).toHaveValue("5");
  await two.getByRole("button", { name: "Undo" }).click();
  await expect(field(two, "Sets")).toHaveValue("7");
  await saved(two);

  await type(one, "Reps", "8");
  await one.getByRole("button", { name: "Keep mine" }).click();
  await saved(one);
  await one.reload();
  await expect(field(one, "Reps")).toHaveValue("8");
});

test("a change made while the server is away is kept and saved when it is back", async ({ page }) => {
  await page.goto(`${server.url}/session/today-throwers/amara`);
  await server.stop();
  await type(page, "Minutes", "19");
  await expect(page.getByRole("status").filter({ hasText: "Not saved yet" })).toBeVisible();
  await server.start();
  await saved(page);
  await page.reload();
  await expect(field(page, "Minutes")).toHaveValue("19");
});

test("a change whose page was closed while the server is away is saved by the next page", async ({
  page,
  context,
}) => {
  await page.goto(`${server.url}/session/today-throwers/amara`);
  await server.stop();
  await type(page, "Minutes", "23");
  await expect(page.getByRole("status").filter({ hasText: "Not saved yet" })).toBeVisible();
  await page.close();
  await server.start();
  const next = await context.newPage();
  await next.goto(`${server.url}/athletes`);
  const minutes = async () =>
    (await (await next.request.get(`${server.url}/data/sessions/today-throwers/amara`)).json()).draft.minutes;
  await expect.poll(minutes, { timeout: 30_000 }).toBe(23);
  await next.goto(`${server.url}/session/today-throwers/amara`);
  await expect(field(next, "Minutes")).toHaveValue("23");
});

test("back on Today is Today as it is now", async ({ page }) => {
  await page.goto(server.url);
  await page
    .getByRole("link", { name: /Throwing squad/ })
    .first()
    .click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Throwing squad");
  const time = page.getByRole("spinbutton", { name: "First working set" });
  await expect(async () => {
    await time.fill("17:45");
    await time.press("Enter");
    await expect(page.getByRole("button", { name: "Undo" })).toBeEnabled({ timeout: 1000 });
  }).toPass();
  await saved(page);
  await page.goBack();
  await expect(page.getByText("17:45").first()).toBeVisible();
});

test("an athlete without a working weight gets drills, and the ramp once there is one", async ({ page }) => {
  await page.goto(`${server.url}/session/today-pilots/noa`);
  await expect(page.getByText("No working weight for the back squat yet.")).toBeVisible();
  expect(await rampLabels(page)).toEqual([]);
  await type(page, "Working weight", "50");
  await expect.poll(async () => (await rampLabels(page)).length).toBeGreaterThan(0);
});

test("an address that leads nowhere says so", async ({ page }) => {
  const response = await page.goto(`${server.url}/session/gone`);
  expect(response?.status()).toBe(404);
  await expect(page.getByRole("heading", { name: "Page not found" })).toBeVisible();
});
