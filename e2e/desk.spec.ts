import { writeFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import { expectNothing } from "./axe";
import { serverForTests } from "./server";
import { saved } from "./signs";
import { neverLooks, openAlive } from "./windows";

const server = serverForTests({ demo: true });

/** Types into a field until the page has come to life and keeps it. */
async function enter(page: Page, name: string, text: string) {
  const field = page.getByRole("textbox", { name, exact: true });
  await expect(async () => {
    await field.fill(text);
    await field.press("Enter");
    await expect(page.getByRole("button", { name: "Undo" })).toBeEnabled({ timeout: 1000 });
  }).toPass();
}

test("the gym loses its small plates: whom it touches is said, and it can be undone", async ({ page }) => {
  await page.goto(server.url);
  await page.getByRole("link", { name: "Gym", exact: true }).click();
  await enter(page, "Name of the gym", "Quay Hall");
  await expect(page.getByRole("heading", { name: "Quay Hall" })).toBeVisible();
  for (const size of ["1.25", "2.5", "5"]) await page.getByRole("button", { name: `Remove ${size}` }).click();
  await saved(page);
  await expect(page.getByText(/no longer make the working weight of/)).toBeVisible();
  const touched = page.getByRole("link", { name: "Rashid al-Amin" });
  await touched.click();
  await expect(
    page.getByText(/does not make 147.5 kg for the back squat: the ramp goes to 140 kg/),
  ).toBeVisible();
  await page.goBack();
  await expect(page.getByRole("button", { name: "Remove 10", exact: true })).toBeVisible();
  // The page gone back to is not as it was opened, but as it was left.
  expect(await page.getByRole("button", { name: "Remove 5", exact: true }).count()).toBe(0);
  await page.getByRole("button", { name: "Add size" }).click();
  for (const size of ["5", "2.5", "1.25"]) {
    const more = page.getByRole("textbox", { name: "New size, kg" });
    if (!(await more.isVisible())) await page.getByRole("button", { name: "Add size" }).click();
    await more.fill(size);
    await more.press("Enter");
    await expect(page.getByRole("spinbutton", { name: `Pairs of ${size}`, exact: true })).toBeVisible();
  }
  await page.getByRole("spinbutton", { name: "Pairs of 5", exact: true }).fill("2");
  await page.keyboard.press("Enter");
  await page.getByRole("textbox", { name: "Dumbbells, one of each pair, kg" }).fill("5–20 by 5, soon");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: '"soon" is no weight' })).toBeVisible();
  await page.keyboard.press("Escape");
  await saved(page);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("spinbutton", { name: "Pairs of 5", exact: true })).toHaveValue("1");
  await saved(page);
  await page.reload();
  await expect(page.getByRole("spinbutton", { name: "Pairs of 5", exact: true })).toHaveValue("1");
});

test("athletes are pasted, found, moved and archived together", async ({ page }) => {
  await page.goto(`${server.url}/athletes`);
  const dialog = page.getByRole("dialog", { name: "Add athletes" });
  await expect(async () => {
    if (!(await dialog.isVisible())) await page.getByRole("button", { name: "Add athletes" }).click();
    await expect(dialog).toBeVisible({ timeout: 1000 });
  }).toPass();
  await dialog.getByRole("button", { name: "Add", exact: true }).click();
  await expect(dialog.getByRole("alert")).toHaveText(/Type a name/);
  await dialog.getByRole("textbox", { name: "Names, one per line" }).fill("Una Vell\nOke Brandt");
  await dialog.getByRole("combobox", { name: /^Group/ }).fill("Evening");
  await dialog.getByRole("button", { name: "Add", exact: true }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByText("32 athletes")).toBeVisible();
  await page.getByRole("searchbox").fill("brandt");
  await page.getByRole("searchbox").press("Enter");
  await expect(page.getByText(/^1 athlete with/)).toBeVisible();
  await page.getByRole("checkbox", { name: "Select Oke Brandt" }).check();
  await page.getByRole("button", { name: "Archive" }).click();
  await expect(page.getByText("Nobody found.")).toBeVisible();
  await page.getByRole("combobox", { name: "Show" }).click();
  await page.getByRole("option", { name: "Archived" }).click();
  await expect(page.getByRole("link", { name: "Oke Brandt" })).toBeVisible();
});

test("a file is looked at, mended by its columns, taken in and taken back", async ({ page }) => {
  await page.goto(`${server.url}/athletes`);
  const sheet = page.getByRole("dialog", { name: "Import a file" });
  await expect(async () => {
    if (!(await sheet.isVisible())) await page.getByRole("button", { name: "Import a file" }).click();
    await expect(sheet).toBeVisible({ timeout: 1000 });
  }).toPass();
  const file = (text: string | Buffer) => ({
    name: "people.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(text),
  });
  const input = sheet.getByLabel(/^A CSV or Excel file of athletes/);
  // From the disk: so much would take long on its way through the test's own connection.
  const huge = test.info().outputPath("huge.csv");
  writeFileSync(huge, Buffer.alloc(20_000_000, "x"));
  await input.setInputFiles(huge);
  await expect(sheet.getByRole("alert")).toHaveText(/over 500 kB/);
  await input.setInputFiles(file(Buffer.from([0x50, 0x4b, 0x03, 0x04, 0x00, 0x00])));
  await expect(sheet.getByRole("alert")).toHaveText(/This Excel file cannot be read/);
  await input.setInputFiles(file("who,lift,weight\nPia Holm,Deadlift,100\nLeif Roos,Deadlift,"));
  await expect(sheet.getByText("Choose the column with the names.")).toBeVisible();
  await sheet.getByRole("combobox", { name: "Name", exact: true }).click();
  await page.getByRole("option", { name: "who" }).click();
  await expect(sheet.getByText("Deadlift: there is no weight.")).toBeVisible();
  await expect(sheet.getByRole("button", { name: "Import without 1 line" })).toBeEnabled();
  await input.setInputFiles(file("name,lift,weight\nPia Holm,Deadlift,100\nLeif Roos,Deadlift,90"));
  await expect(sheet.getByText("2 new, 0 existing, 2 working weights.")).toBeVisible();
  await expectNothing(page);
  await sheet.getByRole("button", { name: "Import" }).click();
  await expect(page.getByText("2 athletes imported.")).toBeVisible();
  await expect(page.getByRole("link", { name: "Pia Holm" })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: "Pia Holm" })).toBeHidden();
});

test("athletes and working weights are taken out as files", async ({ page }) => {
  await page.goto(`${server.url}/athletes`);
  const loading = page.waitForEvent("download");
  await page.getByRole("link", { name: "working weights" }).click();
  expect((await loading).suggestedFilename()).toBe("working-weights.csv");
  const plan = await page.request.get(`${server.url}/session/today-masters/rashid/plan.md`);
  expect(plan.headers()["content-type"]).toContain("text/markdown");
  expect(await plan.text()).toContain("## Back squat");
  const missing = await page.request.get(`${server.url}/export/secrets.csv`);
  expect(missing.status()).toBe(404);
});

test("what is changed about an athlete is in the next plan; two windows do not write over each other", async ({
  page,
  context,
}) => {
  await neverLooks(page);
  await openAlive(page, `${server.url}/athletes/soraya`);
  await enter(page, "Name", "Soraya Haddadi-Lund");
  await page.getByRole("combobox", { name: "Add area" }).click();
  await page.getByRole("option", { name: "Low back" }).click();
  await page.getByRole("combobox", { name: "Low back, how" }).click();
  await page.getByRole("option", { name: "To avoid" }).click();
  const weights = page.getByRole("region", { name: "Working weights" });
  await weights.getByRole("spinbutton", { name: "Weight" }).first().fill("52.5");
  await page.keyboard.press("Enter");
  await saved(page);
  const other = await context.newPage();
  await other.goto(`${server.url}/athletes/soraya`);
  await expect(other.getByRole("heading", { name: "Soraya Haddadi-Lund" })).toBeVisible();
  await enter(other, "Name", "Soraya H.");
  await saved(other);
  await page.getByRole("textbox", { name: "Name", exact: true }).fill("Soraya L.");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "Edited somewhere else." })).toBeVisible();
  await page.getByRole("button", { name: "Use theirs" }).click();
  await expect(page.getByRole("heading", { name: "Soraya H." })).toBeVisible();
  // A window that comes to the front takes up what the other has saved.
  await enter(page, "Name", "Soraya L.");
  await expect(page.getByRole("heading", { name: "Soraya L." })).toBeVisible();
  await saved(page);
  await expect(async () => {
    await other.evaluate(() => window.dispatchEvent(new Event("focus")));
    await expect(other.getByRole("heading", { name: "Soraya L." })).toBeVisible({ timeout: 1000 });
  }).toPass();
  await page.getByRole("button", { name: "Today's warm-up" }).click();
  await expect(
    page.getByText(/Low back is to be avoided and the Romanian deadlift loads it/).first(),
  ).toBeVisible();
});

test("the library is searched, read from drill to drill, and its place kept in the address", async ({
  page,
}) => {
  await page.goto(`${server.url}/library`);
  const list = page.getByRole("list", { name: "Drills" });
  const first = list.getByRole("button").first();
  await expect(async () => {
    await page.getByRole("searchbox", { name: "Find a drill" }).fill("glute bridge");
    await expect(first).toHaveText(/glute bridge/i, { timeout: 1000 });
  }).toPass();
  await first.click();
  const reading = page.getByRole("region", { name: "What it is" });
  await expect(reading.getByRole("heading", { level: 2 })).toHaveText(/glute bridge/i);
  await reading.getByRole("listitem").getByRole("button").first().click();
  const next = await reading.getByRole("heading", { level: 2 }).textContent();
  await page.reload();
  await expect(reading.getByRole("heading", { level: 2 })).toHaveText(next!);
  await page.getByRole("radio", { name: "Lifts" }).click();
  await page.getByRole("button", { name: "Snatch", exact: true }).click();
  await expect(reading.getByText("Can be ramped with")).toBeVisible();
  await page.getByRole("radio", { name: "Approaches" }).click();
  await expect(reading.getByText("Cut first")).toBeVisible();
});
