import { expect, test } from "@playwright/test";
import { pdfPages } from "./pdf-text";
import { serverForTests } from "./server";

const server = serverForTests({ demo: true });

test("the gym's clock, week and paper are those of its pages and its print", async ({ page }) => {
  await page.goto(`${server.url}/gym`);
  const choose = async (label: string, option: string) => {
    await page.getByRole("combobox", { name: label }).click();
    await page.getByRole("option", { name: option }).click();
  };
  await choose("Clock", "6:30 pm");
  await choose("Week begins on", "Sunday");
  await choose("Paper of PDFs", "Letter");
  await choose("Lengths", "Inches and feet");
  await expect(page.getByText("Saved")).toBeVisible();
  await page.goto(server.url);
  await expect(page.getByText("7:00 am")).toBeVisible();
  await expect(page.getByText(/^Arrive 6:\d\d am/)).toBeVisible();
  await page.goto(`${server.url}/calendar`);
  await expect(page.locator(".fc-col-header-cell").first()).toContainText("Sun");
  await page.goto(`${server.url}/session/today-pilots`);
  const field = page.getByRole("spinbutton", { name: "First working set" });
  await expect(field).toHaveValue("7:00 am");
  await field.fill("6:15 pm");
  await field.press("Enter");
  await expect(field).toHaveValue("6:15 pm");
  await expect(page.getByText("Saved")).toBeVisible();
  const pdf = await (
    await page.request.get(`${server.url}/session/today-masters/cards.pdf`, { timeout: 60_000 })
  ).body();
  const pages = await pdfPages(pdf);
  expect(pages).toHaveLength(12);
  expect(pages[0]).toContain("10:00 am");
  // Letter is 612 by 792 points.
  expect(pdf.toString("latin1")).toContain("[0 0 612 792]");
});
