import { statSync } from "node:fs";
import { open } from "node:fs/promises";
import { expect, type Page, test } from "@playwright/test";
import { serverForTests } from "./server";
import { openMenu } from "./signs";

const server = serverForTests({ demo: true });

async function share(page: Page, session: string): Promise<string> {
  await page.goto(`${server.url}/session/${session}/phones`);
  const link = page.getByRole("link", { name: /\/card\// }).first();
  const all = page.getByRole("button", { name: "Share all links" });
  await expect(async () => {
    if (await all.isEnabled()) await all.click({ timeout: 1000 });
    await expect(link).toBeVisible({ timeout: 2000 });
  }).toPass();
  return server.url + (await link.getAttribute("href"));
}

test("links to cards are listed with when they end, and are ended there", async ({ page }) => {
  await page.goto(`${server.url}/access`);
  const list = page.getByRole("region", { name: "Addresses" });
  await expect(list.getByText(/^None\. /)).toBeVisible();
  const card = await share(page, "today-pilots");
  await expect(page.getByText(/It works until .*, a week after the session/)).toBeVisible();
  await page.goto(`${server.url}/access`);
  await expect(list.getByRole("listitem")).toHaveCount(1);
  await expect(list.getByText(/Ilse Maartens.*; until /)).toBeVisible();
  expect((await fetch(card)).status).toBe(200);
  await expect(async () => {
    const stop = list.getByRole("button", { name: /^Stop sharing: / });
    if (await stop.isVisible()) await stop.click({ timeout: 1000 });
    await expect(list.getByText(/^None\. /)).toBeVisible({ timeout: 2000 });
  }).toPass();
  expect((await fetch(card)).status).toBe(404);
});

test("a deleted session that comes back has its links again", async ({ page }) => {
  const card = await share(page, "tomorrow-throwers");
  await page.goto(`${server.url}/session/tomorrow-throwers`);
  await openMenu(page);
  await page.getByRole("menuitem", { name: "Delete" }).click();
  await expect(page).toHaveURL(`${server.url}/`);
  expect((await fetch(card)).status).toBe(404);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page).toHaveURL(/\/session\/tomorrow-throwers/);
  expect((await fetch(card)).status).toBe(200);
});

test("the first key on a page leads past its head", async ({ page }) => {
  await page.goto(`${server.url}/athletes`);
  await page.keyboard.press("Tab");
  const skip = page.getByRole("link", { name: "Skip to content" });
  await expect(skip).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/#content$/);
  await page.keyboard.press("Tab");
  const focused = page.locator("main :focus");
  await expect(focused).toHaveCount(1);
});

test("what is clicked while the server is away is said, and nothing has been changed", async ({ page }) => {
  await page.goto(`${server.url}/session/today-masters`);
  await openMenu(page);
  await server.stop();
  await page.getByRole("menuitem", { name: "Delete" }).click();
  await expect(page.getByText(/^No answer from the server\. Nothing was changed/)).toBeVisible();
  await expect(page).toHaveURL(/today-masters/);
  await server.start();
  await page.goto(`${server.url}/session/today-masters`);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
});

test("a page that is asked for while the server is away opens when it is back", async ({ page }) => {
  await page.goto(`${server.url}/files`);
  await server.stop();
  const file = page.getByRole("link", { name: "Athletes as CSV" });
  await file.click();
  await expect(page.getByText("The server does not answer. Try again when it does.")).toBeVisible();
  await page.getByRole("link", { name: "Athletes", exact: true }).click();
  await expect(page.getByText("The page opens as soon as it does.")).toBeVisible();
  await expect(page).toHaveURL(/\/files$/);
  await server.start();
  await expect(page).toHaveURL(/\/athletes$/);
  await expect(page.getByRole("heading", { level: 1, name: "Athletes" })).toBeVisible();
  await expect(page.getByText("The page opens as soon as it does.")).toBeHidden();
});

test("a database that is damaged while the server runs is said on every page and in place of every file", async ({
  page,
}) => {
  const size = statSync(server.file).size;
  const file = await open(server.file, "r+");
  await file.write(Buffer.alloc(size - 4096, 255), 0, size - 4096, 4096);
  await file.close();
  const said = /is damaged\. Bring the last good copy back with “npm run restore”/;
  for (const place of ["/", "/athletes", "/session/today-masters"]) {
    await page.goto(server.url + place);
    await expect(page.getByText(said)).toBeVisible();
  }
  const backup = await page.request.get(`${server.url}/export/athletes.csv`);
  expect(backup.status()).toBe(503);
  expect(await backup.text()).toMatch(said);
});
