import { expect, test } from "@playwright/test";
import { serverForTests } from "./server";

const server = serverForTests({ demo: true });

test("a test in two taps, a trial with its verdict, and what it teaches; each can be undone", async ({
  page,
}) => {
  await page.goto(`${server.url}/athletes/ilse/tests`);
  await page.getByRole("button", { name: "Measure: Knee to wall" }).click();
  await page.getByRole("button", { name: "Knee to wall, right: less" }).click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  const tests = page.getByRole("region", { name: "Tests" });
  await expect(tests.getByText("left 10 cm, right 9.5 cm")).toBeVisible();

  const trial = page.getByRole("region", { name: "Trial" });
  await expect(trial.getByText("No change")).toBeVisible();
  const drill = trial.getByRole("radio").first();
  await drill.check();
  for (let i = 0; i < 5; i++) await trial.getByRole("button", { name: "After, right: more" }).click();
  await expect(trial.getByText("2.5 cm better, a clear change")).toBeVisible();
  await trial.getByRole("button", { name: "Save the trial" }).click();
  const record = page.getByRole("region", { name: "Record" });
  await expect(record.getByText(/2\.5 cm better, a clear change/)).toBeVisible();
  await expect(
    page.getByRole("region", { name: "What helps" }).getByText("Ankle dorsiflexion"),
  ).toBeVisible();
  // What was reached is where the next trial begins.
  await expect(trial.getByRole("spinbutton", { name: "Before, right" })).toHaveValue("12");

  await record.getByRole("listitem").filter({ hasText: "2.5 cm better" }).getByRole("button").click();
  await expect(record.getByText(/2\.5 cm better/)).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(record.getByText(/2\.5 cm better/)).toBeVisible();
});

test("an angle is read from the phone, here from one that is simulated", async ({ page }) => {
  await page.goto(`${server.url}/athletes/soraya/tests?sensor=simulated`);
  await page.getByRole("button", { name: "Measure: Straight leg raise" }).click();
  await page.getByRole("button", { name: "Straight leg raise, left: read from this phone" }).click();
  const sheet = page.getByRole("dialog");
  await expect(sheet.getByText("Simulated: no phone is being read.")).toBeVisible();
  await expect(sheet.getByText("62°")).toBeVisible();
  await sheet.getByRole("button", { name: "Use" }).click();
  await expect(page.getByRole("spinbutton", { name: "Straight leg raise, left" })).toHaveValue("62");
});

test("a session that was not run is written down as planned, and put right", async ({ page }) => {
  await page.goto(`${server.url}/session/today-throwers/record`);
  await page.getByRole("button", { name: "It went as planned" }).click();
  await page.locator("summary").first().click();
  const drill = page
    .getByRole("region", { name: /^Drills of/ })
    .getByRole("checkbox")
    .first();
  await expect(drill).toBeChecked();
  await drill.click();
  await expect(drill).not.toBeChecked();
  const next = page.getByRole("region", { name: /^Next time for/ });
  await next.getByRole("button", { name: "Use from now on" }).first().click();
  await expect(page.getByText(/from now on: [\d.]+ kg/)).toBeVisible();
  await expect(next.getByText("as on record").first()).toBeVisible();
  // From now on the session shows what was done; its plan is a click away.
  await page.goto(`${server.url}/session/today-throwers`);
  await expect(page).toHaveURL(/\/record$/);
  await page.getByRole("link", { name: "The plan" }).click();
  await expect(page).toHaveURL(/plan=shown/);
});

test("progress of an athlete, of a group and of everybody, with its tables and files", async ({ page }) => {
  await page.goto(`${server.url}/athletes/rashid/progress`);
  const lifts = page.getByRole("region", { name: "Lifts" });
  await lifts.getByText("As a table").click();
  await expect(lifts.getByRole("row")).not.toHaveCount(0);
  const download = page.waitForEvent("download");
  await lifts.getByRole("button", { name: /as CSV$/ }).click();
  expect((await download).suggestedFilename()).toMatch(/\.csv$/);
  await page.getByRole("link", { name: "3 months" }).click();
  await expect(page).toHaveURL(/period=quarter/);
  await page.goto(`${server.url}/progress`);
  await page.getByRole("link", { name: "Masters, 45 and over" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Masters, 45 and over" })).toBeVisible();
});

test("a day of tests goes from one to the next", async ({ page }) => {
  await page.goto(`${server.url}/athletes`);
  await page.getByRole("link", { name: "Day of tests" }).click();
  await page.getByRole("button", { name: "Save", exact: true }).first().click();
  await expect(page.getByText(/^Today: /).first()).toBeVisible();
  const first = await page.getByRole("heading", { level: 2 }).last().textContent();
  await page.getByRole("button", { name: /^Next: / }).click();
  await expect(page.getByRole("heading", { level: 2 }).last()).not.toHaveText(first!);
});

test("somebody is erased once the name is typed", async ({ page }) => {
  await page.goto(`${server.url}/athletes/noa`);
  await page.getByRole("button", { name: "Erase Noa Ben-Ami" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByRole("textbox").fill("Noa");
  await dialog.getByRole("button", { name: "Erase for good" }).click();
  await expect(dialog.getByText(/Type the name as it is/)).toBeVisible();
  await dialog.getByRole("textbox").fill("Noa Ben-Ami");
  await dialog.getByRole("button", { name: "Erase for good" }).click();
  await expect(page).toHaveURL(/\/athletes$/);
  await page.goto(`${server.url}/athletes/noa`);
  await expect(page.getByRole("heading", { name: "Page not found" })).toBeVisible();
});
