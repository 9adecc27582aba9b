import { expect, type Page, test } from "@playwright/test";
import { serverForTests } from "./server";
import { ready, saved } from "./signs";

const server = serverForTests({ demo: true });

const reading = (page: Page) => page.getByRole("region", { name: "What it is" });

/** Copies something of the library and calls the copy by a name of its own. */
async function copy(page: Page, place: string, name: string) {
  await page.goto(`${server.url}/library?${place}`);
  const field = reading(page).getByRole("textbox", { name: "Name", exact: true });
  await expect(async () => {
    if (!(await field.isVisible())) await page.getByRole("button", { name: "Make my version" }).click();
    await expect(field).toBeVisible({ timeout: 2000 });
  }).toPass();
  await field.fill(name);
  await field.press("Enter");
  await expect(reading(page).getByRole("heading", { level: 2 })).toHaveText(name);
  await saved(page);
}

test("lifts are found by words, by what they ask for and by what they are loaded with", async ({ page }) => {
  await page.goto(`${server.url}/library?shelf=lifts`);
  const names = page.getByRole("list", { name: "Lifts" }).getByRole("button");
  await expect(async () => {
    await page.getByRole("searchbox", { name: "Find a lift" }).fill("squat BACK");
    await expect(names.first()).toHaveText("Back squat", { timeout: 1000 });
  }).toPass();
  await expect(names).toHaveCount(2);
  await page.getByRole("combobox", { name: "Asks for" }).click();
  await page.getByRole("option", { name: "Ankle dorsiflexion" }).click();
  await expect(names.first()).toContainText("of 3");
  await page.getByRole("combobox", { name: "Loaded with" }).click();
  await page.getByRole("option", { name: "Dumbbells" }).click();
  await expect(page.getByText("0 lifts. Try fewer or other words.")).toBeVisible();
});

test("a drill of one's own is in the plan of a group and of one, and in the proof", async ({ page }) => {
  await copy(page, "shelf=drills&of=rope-turns", "Quayside turns");
  const squat = reading(page).getByRole("slider").first();
  await squat.focus();
  const before = Number(await squat.getAttribute("aria-valuenow"));
  for (let i = 0; i < before; i++) await page.keyboard.press("ArrowLeft");
  // What is put to nothing stays to be put up again, and keeps the focus.
  await expect(squat).toHaveAttribute("aria-valuenow", "0");
  await expect(squat).toBeFocused();
  await page.keyboard.press("End");
  await expect(squat).toHaveAttribute("aria-valuenow", "3");
  await saved(page);

  await page.goto(`${server.url}/session/tomorrow-throwers`);
  await ready(page);
  await page.getByRole("button", { name: "Add a drill" }).click();
  const sheet = page.getByRole("dialog", { name: "Add a drill" });
  await sheet.getByPlaceholder("Type a name or a word").fill("quayside");
  await page.keyboard.press("Enter");
  await expect(sheet.getByText("No drill found.")).toBeVisible();
  await sheet.getByRole("button", { name: "Done" }).click();
  await expect(page.getByRole("button", { name: "Move Quayside turns" })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole("button", { name: "Unpin Quayside turns" })).toBeVisible();
  await saved(page);

  await page.goto(`${server.url}/session/today-pilots/eirik`);
  const steps = page.getByRole("region", { name: "Steps" });
  const proof = steps.getByText(/The best selection for this time|better:/);
  await expect(proof).toBeVisible({ timeout: 30_000 });
  await page.keyboard.press("a");
  await expect(page.getByRole("dialog").locator("[cmdk-input]")).toBeFocused();
  await page.keyboard.type("quayside");
  await page.keyboard.press("Enter");
  await page.keyboard.press("Escape");
  await expect(steps.getByRole("button", { name: "Unpin Quayside turns" })).toBeVisible();
  // It is looked at at once.
  await expect(page.getByRole("region", { name: "Why" }).getByRole("heading").first()).toHaveText(
    "Quayside turns",
  );
  await expect(proof).toBeVisible({ timeout: 30_000 });
  await saved(page);
  await page.goto(`${server.url}/session/today-pilots/eirik/card`);
  await expect(page.getByText("Quayside turns")).toBeVisible();
});

test("a lift of one's own is trained; taken out it is in no new session, but in those that have it", async ({
  page,
}) => {
  await copy(page, "shelf=lifts&of=back-squat", "Rope-works squat");
  const pick = async () => {
    await page.goto(server.url);
    await page.getByRole("button", { name: "New session" }).click();
    await page.getByRole("button", { name: /^Who: / }).click();
    await page.getByRole("option", { name: /^Throwing squad/ }).click();
    await page.getByRole("combobox", { name: "Lift 1" }).click();
    return page.getByRole("option", { name: "Rope-works squat" });
  };
  await (await pick()).click();
  await page.getByRole("button", { name: "Create session" }).click();
  await ready(page);
  const session = page.url();
  await page.goto(`${server.url}/library?shelf=lifts`);
  await page.getByRole("searchbox", { name: "Find a lift" }).fill("rope-works");
  await page.getByRole("button", { name: /^Rope-works squat/ }).click();
  await page.getByRole("button", { name: "Retire" }).click();
  await expect(page.getByText("Retired: in no new plan, but still in those that have it.")).toBeVisible();
  await saved(page);
  await expect(await pick()).toHaveCount(0);
  await page.goto(session);
  await expect(page.getByRole("combobox", { name: "Lift 1" })).toHaveText("Rope-works squat");
  await ready(page);
});
