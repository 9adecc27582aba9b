import { type Browser, expect, type Locator, test } from "@playwright/test";
import { serverForTests } from "./server";
import { saved } from "./signs";

const server = serverForTests({ demo: true });

/** Whether a figure's picture is another one a moment later. */
async function isMoving(figure: Locator): Promise<boolean> {
  const canvas = figure.locator("canvas");
  if ((await canvas.count()) === 0) return false;
  const now = () => canvas.evaluate((c: HTMLCanvasElement) => c.toDataURL());
  const first = await now();
  await expect(async () => expect(await now()).not.toBe(first)).toPass({ timeout: 5000 });
  return true;
}

/** Interface tests ask for less motion, unless motion is what is tried. */
const inMotion = (browser: Browser) => browser.newPage({ reducedMotion: "no-preference" });

test("the library shows drills as figures, which are filtered with the list and move when they are met", async ({
  browser,
}) => {
  const page = await inMotion(browser);
  await page.goto(`${server.url}/library?shelf=drills`);
  const grid = page.getByRole("list", { name: "Drills as figures" });
  await expect(grid.getByRole("listitem")).toHaveCount(163);
  const squat = grid.getByRole("button", { name: "Tempo goblet squat" });
  await expect(async () => {
    await page.getByRole("searchbox", { name: "Find a drill" }).fill("goblet");
    await expect(grid.getByRole("listitem")).toHaveCount(1, { timeout: 1000 });
  }).toPass();
  await expect(squat.locator("svg")).toBeVisible();
  await expect(squat.locator("canvas")).toHaveCount(0);
  await squat.hover();
  expect(await isMoving(squat)).toBe(true);
  await squat.click();
  const figure = page.getByRole("img", { name: /^Tempo goblet squat: / });
  expect(await isMoving(figure)).toBe(true);
  await page.getByRole("button", { name: "All drills" }).click();
  await expect(grid).toBeVisible();
  await page.close();
});

test("who asked for less motion sees figures at rest, and can turn them", async ({ page }) => {
  await page.goto(`${server.url}/library?shelf=drills&of=hinge-drill`);
  const figure = page.getByRole("img", { name: /^Hinge drill/ });
  await expect(figure.locator("polyline").first()).toBeAttached();
  await expect(figure.locator("canvas")).toHaveCount(0);
  const shapes = () => figure.locator("svg").innerHTML();
  const before = await shapes();
  const box = (await figure.boundingBox())!;
  await expect(async () => {
    await page.mouse.move(box.x + 100, box.y + 100);
    await page.mouse.down();
    await page.mouse.move(box.x + 180, box.y + 100, { steps: 4 });
    await page.mouse.up();
    expect(await shapes()).not.toBe(before);
  }).toPass();
});

test("a version of one's own has the figure of what it was, another one, or none", async ({ page }) => {
  await page.goto(`${server.url}/library?shelf=drills&of=dead-bug`);
  const place = page.getByRole("region", { name: "Figure" });
  await expect(async () => {
    if (!(await place.isVisible())) await page.getByRole("button", { name: "Make my version" }).click();
    await expect(place).toBeVisible({ timeout: 2000 });
  }).toPass();
  await expect(place.locator("polyline").first()).toBeAttached();
  await place.getByRole("button", { name: "No figure" }).click();
  await expect(place.getByText("DB", { exact: true })).toBeVisible();
  await place.getByRole("button", { name: "Choose a figure" }).click();
  const sheet = page.getByRole("dialog", { name: "Choose a figure" });
  await sheet.getByPlaceholder("Type the name of a drill that looks like it").fill("bird dog");
  await page.keyboard.press("Enter");
  await expect(place.locator("polyline").first()).toBeAttached();
  await saved(page);
  await page.reload();
  await expect(place.locator("polyline").first()).toBeAttached();
  await expect(place.getByRole("button", { name: "No figure" })).toBeVisible();
});

test("plan, card and phone show the figures of their drills", async ({ browser }) => {
  const page = await inMotion(browser);
  await page.goto(`${server.url}/session/today-pilots/ilse`);
  const rows = page.getByRole("listitem").filter({ has: page.getByRole("button", { name: /^Move / }) });
  await expect(rows.first().locator("polyline").first()).toBeAttached();

  await page.goto(`${server.url}/session/today-pilots/ilse/card`);
  const drills = page.getByRole("table", { name: "Drills" }).locator("tbody tr");
  await expect(page.locator("article ol li svg")).toHaveCount(Math.min(12, await drills.count()));

  await page.goto(`${server.url}/session/today-pilots/phones`);
  const link = page.getByRole("link", { name: /card/ }).first();
  await expect(async () => {
    await page.getByRole("button", { name: "Share all links" }).click({ timeout: 1000 });
    await expect(link).toBeVisible({ timeout: 2000 });
  }).toPass();
  await page.goto(server.url + (await link.getAttribute("href")));
  const first = page.getByRole("listitem").first();
  await expect(async () => {
    await first.getByRole("button").click();
    await expect(first.getByRole("button")).toHaveAttribute("aria-expanded", "true", { timeout: 1000 });
  }).toPass();
  expect(await isMoving(first.locator(".figure").last())).toBe(true);
  await page.close();
});
