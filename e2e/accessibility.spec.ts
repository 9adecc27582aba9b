import AxeBuilder from "@axe-core/playwright";
import { expect, type Page, test } from "@playwright/test";
import { type TestServer, testServer } from "./server";

let server: TestServer;

test.beforeAll(async () => {
  server = await testServer({ demo: true });
  await server.start();
});
test.afterAll(() => server.remove());

async function expectNothing(page: Page) {
  const { violations } = await new AxeBuilder({ page })
    .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"])
    .analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(" ")).join(", ")}`)).toEqual([]);
}

for (const [name, path] of [
  ["today", "/"],
  ["the workbench", "/warm-up/today-consuelo"],
  ["the workbench without a weight", "/warm-up/today-noa"],
  ["the workbench of two lifts", "/warm-up/today-adaeze"],
  ["the workbench of a circuit", "/warm-up/today-amara"],
  ["a group", "/group/pilots"],
  ["a group's ramps", "/group/masters?view=ramps"],
  ["the workbench of an Olympic lift", "/warm-up/today-kalea"],
  ["the card", "/card/today-rashid"],
  ["a page that is not there", "/warm-up/gone"],
]) {
  test(`axe finds nothing on ${name}`, async ({ page }) => {
    await page.goto(server.url + path);
    await expectNothing(page);
  });
}

test("axe finds nothing on a ramp set, an error and the dialogs of the workbench", async ({ page }) => {
  await page.goto(`${server.url}/warm-up/today-tevita`);
  await page.getByRole("button", { name: /^Ramp set 3/ }).click();
  await page.getByRole("button", { name: "Done up to here" }).click();
  await expect(page.getByRole("button", { name: "Not done after all" })).toBeVisible();
  await expectNothing(page);
  await page.getByRole("button", { name: /^First working set/ }).click();
  await expect(page.getByRole("heading", { name: "On the day" })).toBeVisible();
  await expectNothing(page);
  await page.getByRole("textbox", { name: "Working weight" }).fill("101");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "Nearest" })).toBeVisible();
  await expectNothing(page);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Compare" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  await expectNothing(page);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Keys" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  await expectNothing(page);
});

test("nothing is cut off at 200 % zoom", async ({ page }) => {
  await page.setViewportSize({ width: 640, height: 400 });
  for (const path of [
    "/",
    "/warm-up/today-joao",
    "/group/pilots",
    "/group/pilots?view=ramps",
    "/card/today-joao",
  ]) {
    await page.goto(server.url + path);
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(overflow).toBeLessThanOrEqual(0);
  }
});
