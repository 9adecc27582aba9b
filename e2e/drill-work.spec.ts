import { expect, test } from "@playwright/test";
import { serverForTests } from "./server";
import { saved } from "./signs";

const server = serverForTests({ demo: true });

test("a drill in another format, two in turn, a test between: on the plan, on every card, undone", async ({
  page,
}) => {
  await page.goto(`${server.url}/session/today-throwers/bogdan`);
  const why = page.getByRole("region", { name: "Why" });
  const rows = page.getByRole("region", { name: "Steps" });
  await expect(why.getByRole("heading", { level: 2 })).toBeVisible();
  await page.keyboard.press("ArrowRight");
  const name = (await why.getByRole("heading", { level: 2 }).textContent())!;
  await why.getByRole("combobox", { name: "Work" }).click();
  await page.getByRole("option", { name: /^Interval/ }).click();
  await expect(rows.getByText("s on, 30 s off ×")).toBeVisible();
  await why.getByRole("spinbutton", { name: "Times" }).fill("5");
  await page.keyboard.press("Enter");
  await expect(rows.getByText(/s on, 30 s off × 5/)).toBeVisible();
  // Longer than the session: said at the field, and nothing is changed.
  await why.getByRole("spinbutton", { name: "Off" }).fill("300");
  await page.keyboard.press("Enter");
  await expect(why.getByRole("alert")).toContainText("The intervals take");
  await expect(rows.getByText(/30 s off × 5/)).toBeVisible();

  await why.getByRole("heading", { level: 2 }).click();
  await page.keyboard.press("g");
  await expect(rows.getByText("Superset, 2 rounds")).toBeVisible();
  await why.getByRole("spinbutton", { name: "Rest after each round" }).fill("30");
  await page.keyboard.press("Enter");
  await expect(rows.getByText("Superset, 2 rounds, 30 s rest after each round")).toBeVisible();

  await page.getByRole("button", { name: "Add a test" }).click();
  await page.getByRole("dialog").locator("[cmdk-input]").fill("body-weight squat");
  await page.keyboard.press("Enter");
  await expect(why.getByRole("checkbox", { name: "Last of all" })).toBeChecked();
  await saved(page);

  await page.getByRole("link", { name: "Card" }).click();
  const card = page.getByRole("article");
  await expect(card.getByText("Superset, 2 rounds, 30 s rest after each round")).toBeVisible();
  await expect(card.getByRole("row", { name: new RegExp(name) })).toContainText("30 s off × 5");
  await expect(card.getByText(/^Test: /).first()).toBeVisible();
  const markdown = await page.request.get(`${server.url}/session/today-throwers/bogdan/plan.md`);
  expect(await markdown.text()).toMatch(/\*\*Superset, 2 rounds, 30 s rest after each round\*\*/);

  await page.getByRole("link", { name: "Plan" }).click();
  for (let i = 0; i < 5; i++) await page.getByRole("button", { name: "Undo" }).click();
  await expect(rows.getByText("Superset")).toHaveCount(0);
  await expect(rows.getByText("s off ×")).toHaveCount(0);
});

test("a test and a condition for a whole group; what one has reached puts the other drill in that one's plan", async ({
  page,
}) => {
  await page.goto(`${server.url}/session/tomorrow-pilots`);
  await page.getByRole("button", { name: "Add a test" }).click();
  await page.getByRole("dialog").locator("[cmdk-input]").fill("wall slide");
  await page.keyboard.press("Enter");
  await page
    .getByRole("button", { name: /^Test Wall slide: 20 s/ })
    .first()
    .click();
  const test = page.getByRole("dialog", { name: "Test Wall slide" });
  await test.getByRole("textbox", { name: "What to look for" }).fill("ribs stay down");
  await test.getByRole("checkbox", { name: "Last of all" }).uncheck();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("progressbar")).toHaveCount(0);
  await page
    .getByRole("button", { name: /^Dose of / })
    .last()
    .click();
  const fields = page.getByRole("dialog", { name: /^Dose of / });
  const name = (await fields.getAttribute("aria-label"))!.replace("Dose of ", "");
  await fields.getByRole("button", { name: "Another one once it is easy" }).click();
  const next = (await fields.getByRole("combobox", { name: "Then" }).textContent())!;
  await page.keyboard.press("Escape");
  await expect(page.getByText(`Easy and clean: then ${next}.`)).toBeVisible();
  await saved(page);

  // Somebody who does with the others what has the condition.
  await page.goto(`${server.url}/session/tomorrow-pilots/soraya`);
  const why = page.getByRole("region", { name: "Why" });
  const rows = page.getByRole("region", { name: "Steps" }).getByRole("listitem");
  await expect(rows.filter({ hasText: "Wall slide" }).filter({ hasText: "ribs stay down" })).toBeVisible();
  await rows
    .filter({ hasText: name })
    .getByRole("button", { name: new RegExp(name) })
    .first()
    .click();
  await why.getByRole("button", { name: "Reached" }).click();
  await expect(rows.filter({ hasText: `In place of ${name}` })).toContainText(next);
  await page.reload();
  await expect(rows.filter({ hasText: `In place of ${name}` })).toContainText(next);
  await page.goto(`${server.url}/athletes/soraya`);
  await expect(page.getByRole("region", { name: "Defaults" }).getByText("Easy and clean")).toBeVisible();
});
