import { expect, test } from "@playwright/test";
import { expectNothing } from "./axe";
import { serverForTests } from "./server";
import { openMenu, ready, saved } from "./signs";

const server = serverForTests({ demo: true });

test("a session comes again every week with its share of the maximum; the following are made like it", async ({
  page,
}) => {
  await page.goto(`${server.url}/session/tomorrow-pilots`);
  await ready(page);
  await page.getByRole("button", { name: "Same for all" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Same for all" }).click();
  const load = page.getByRole("spinbutton", { name: "Load", exact: true });
  await load.fill("70 %");
  await load.press("Enter");
  await saved(page);
  await openMenu(page);
  await page.getByRole("menuitem", { name: "Repeat every week" }).click();
  const weeks = page.getByRole("list", { name: "Weeks" }).getByRole("listitem");
  await expect(weeks).toHaveText([
    ...["70 %", "72.5 %", "75 %", "65 %", "77.5 %"],
    ...["80 %", "82.5 %", "72.5 %", "85 %"],
  ]);
  await expectNothing(page);
  await page.getByRole("button", { name: "Repeat", exact: true }).click();
  await expect(page.getByText("Harbour pilots: 8 more sessions.")).toBeVisible();
  await expect(page.getByText(/^Every \w+ until .* Changes count for this one\.$/)).toBeVisible();
  await page.getByRole("spinbutton", { name: "Minutes", exact: true }).fill("25");
  await page.getByRole("spinbutton", { name: "Minutes", exact: true }).press("Enter");
  await saved(page);
  await page.getByRole("button", { name: "This and the following" }).click();
  await expect(page.getByText("8 sessions made like this one.")).toBeVisible();
  await openMenu(page);
  await page.getByRole("menuitem", { name: "Delete this and the following" }).click();
  await expect(page.getByText("Harbour pilots, 9 sessions: deleted.")).toBeVisible();
  await page
    .getByRole("listitem")
    .filter({ hasText: "9 sessions: deleted" })
    .getByRole("button", { name: "Undo" })
    .click();
  await expect(page.getByRole("spinbutton", { name: "Minutes", exact: true })).toHaveValue("25");
});

test("some of a session have other lifts; what is known of one is changed beside it", async ({ page }) => {
  await page.goto(`${server.url}/session/tomorrow-throwers`);
  await ready(page);
  await page.getByRole("button", { name: "Other lifts for some" }).click();
  await page.getByPlaceholder("Type a name").fill("yusuf");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Make a sub-group" }).click();
  const lifts = page.getByRole("region", { name: "Lifts of Sub-group 1" });
  await lifts.getByRole("combobox", { name: "Lift 1" }).click();
  await page.getByRole("option", { name: "Deadlift", exact: true }).click();
  await expect(page.getByRole("link", { name: /^Yusuf Demirci Deadlift/ })).toBeVisible();
  await page.getByRole("button", { name: "About Yusuf Demirci" }).click();
  const beside = page.getByRole("dialog", { name: "Yusuf Demirci" });
  await beside.getByRole("combobox", { name: "Add area" }).click();
  await page.getByRole("option", { name: "Wrist" }).click();
  await expect(beside.getByText("Wrist", { exact: true })).toBeVisible();
  await expect(beside.getByText("Saved")).toBeVisible();
  await ready(page);
  // The page is read again meanwhile, its title too.
  await expect(page).toHaveTitle(/Iron Step/);
  await expectNothing(page);
  await beside.getByRole("link", { name: "Open the athlete's page" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Yusuf Demirci");
  await page.getByRole("link", { name: "Back to the session" }).click();
  await expect(page).toHaveURL(/tomorrow-throwers$/);
});

test("working weights of several go up by a step, shown before", async ({ page }) => {
  await page.goto(`${server.url}/athletes?q=Rashid`);
  await page.getByRole("checkbox", { name: /Rashid/ }).check();
  await page.getByRole("button", { name: "Change working weights" }).click();
  const sheet = page.getByRole("dialog");
  await sheet.getByRole("combobox", { name: "Lift" }).click();
  await page.getByRole("option", { name: "Back squat" }).click();
  await expect(sheet.getByRole("row", { name: /Rashid al-Amin Back squat 147.5 .* 150 kg/ })).toBeVisible();
  await expectNothing(page);
  await sheet.getByRole("button", { name: "Change", exact: true }).click();
  await expect(page.getByText("1 working weight of 1 athlete changed.")).toBeVisible();
  await page.getByRole("link", { name: "Rashid al-Amin" }).click();
  await expect(
    page.getByRole("group", { name: "Back squat, as of today" }).getByLabel("Weight", { exact: true }),
  ).toHaveValue("150");
});

test("the list of steps is one stop of the tab key; what is dropped leaves the focus to its neighbour", async ({
  page,
}) => {
  await page.goto(`${server.url}/session/today-masters/rashid`);
  const steps = page.getByRole("region", { name: "Steps" });
  const names = steps.locator("[data-rove]");
  await expect(names.first()).toHaveAttribute("tabindex", "0");
  await names.first().focus();
  await page.keyboard.press("ArrowDown");
  await expect(names.nth(1)).toBeFocused();
  await expect(names.nth(1)).toHaveAttribute("aria-pressed", "true");
  await expect(steps.locator("[data-rove][tabindex='0']")).toHaveCount(1);
  const dropped = (await names.nth(1).textContent())!;
  await steps
    .getByRole("button", { name: /^Drop / })
    .nth(1)
    .click();
  await expect(names.nth(1)).not.toHaveText(dropped);
  await expect(page.locator("main :focus")).toHaveCount(1);
  await expect(page.getByRole("status", { name: "What has changed" })).toHaveText(/ dropped\.$/);
});

test("on a phone a touched step says why from below, and the stair can be scrolled", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${server.url}/session/today-masters/rashid`);
  const why = page.getByRole("region", { name: "Why" });
  await expect(why).toBeHidden();
  await page.getByRole("region", { name: "Steps" }).locator("[data-rove]").nth(1).click();
  await expect(why).toBeInViewport();
  await expectNothing(page);
  await why.getByRole("button", { name: "Close" }).click();
  await expect(why).toBeHidden();
  const stair = page.getByRole("group", { name: /^The warm-up as a stair/ }).locator("..");
  expect(await stair.evaluate((e) => e.scrollWidth > e.clientWidth)).toBe(true);
  await page.goto(`${server.url}/library?shelf=drills`);
  await page
    .getByRole("button", { name: /^Front plank/ })
    .first()
    .click();
  await expect(page.getByRole("heading", { name: "Front plank" })).toBeInViewport();
  await page.getByRole("button", { name: "All drills" }).click();
  await expect(page.getByRole("searchbox", { name: "Find a drill" })).toBeVisible();
});
