import { expect, test } from "@playwright/test";
import { pdfPages } from "./pdf-text";
import { serverForTests } from "./server";
import { ready, saved } from "./signs";

const server = serverForTests({ demo: true });

const MASTERS = "/session/tomorrow-masters";

async function fetched(path: string): Promise<Buffer> {
  const answer = await fetch(server.url + path);
  expect(answer.headers.get("content-type")).toBe("application/pdf");
  return Buffer.from(await answer.arrayBuffer());
}

test("the cards as PDF: each athlete on one page, with what the screen says", async ({ page }) => {
  const pages = await pdfPages(await fetched(`${MASTERS}/cards.pdf`));
  await page.goto(`${server.url}${MASTERS}/cards`);
  const cards = page.getByRole("article");
  await expect(cards).toHaveCount(12);
  expect(pages).toHaveLength(12);
  for (const [i, card] of (await cards.all()).entries()) {
    const head = card.getByRole("heading", { level: 1 });
    expect(pages[i]).toContain(await head.textContent());
    // As the screen has it: lift, sets, repetitions and weight.
    for (const line of await head.locator("xpath=following-sibling::p").allTextContents())
      expect(pages[i]!.replaceAll(" ", "")).toContain(line.replaceAll(/\s/g, ""));
    expect(pages[i]).toContain("The warm-up takes");
    expect(pages[i]).toContain("Not medical advice.");
    const drills = await card.getByRole("table", { name: "Drills" }).locator("strong").allTextContents();
    expect(drills.length).toBeGreaterThan(2);
    for (const drill of drills) expect(pages[i]).toContain(drill);
  }
  const [alone] = await pdfPages(await fetched(`${MASTERS}/consuelo/card.pdf`));
  expect(pages).toContain(alone);
  expect(alone).toContain("Knee is sore");
});

test("sheets for the wall say who does what, and nothing of areas and notes", async ({ page }) => {
  const pages = await pdfPages(await fetched(`${MASTERS}/sheets.pdf`));
  const all = pages.join(" ");
  await page.goto(`${server.url}${MASTERS}/sheets`);
  const screen = await page.getByRole("main").textContent();
  for (const name of ["Consuelo Ibarra", "Gwydion"]) {
    expect(all).toContain(name);
    expect(screen).toContain(name);
  }
  for (const text of [all, screen]) {
    expect(text).not.toMatch(/\bsore\b|physio|since the spring|avoid|caution/i);
  }
  expect(all).toContain("Working weight");
});

test("how the racks are set on the session's page is how they hang on the wall, each on a sheet", async ({
  page,
}) => {
  await page.goto(`${server.url}${MASTERS}`);
  await ready(page);
  const racks = page.getByRole("region", { name: "Racks" });
  const count = racks.getByRole("spinbutton", { name: "Racks" });
  await count.fill("5");
  await count.press("Enter");
  await expect(racks.getByRole("table")).toHaveCount(5);
  await saved(page);
  await page.reload();
  await expect(count).toHaveValue("5");
  const titles = await racks.getByRole("table").locator("caption > span:first-child").allTextContents();
  const pages = await pdfPages(await fetched(`${MASTERS}/sheets.pdf`));
  const sheets = pages.slice(2);
  expect(sheets).toHaveLength(5);
  for (const [i, title] of titles.entries()) {
    expect(sheets[i]).toContain(title);
    expect(sheets[i]).toContain("On and off, each side");
  }
  await page.goto(`${server.url}${MASTERS}/sheets`);
  await expect(page.getByRole("region", { name: "Racks" }).getByRole("table")).toHaveCount(5);
  await expect(page.getByRole("spinbutton", { name: "Racks" })).toHaveCount(0);
});

test("a card of somebody who does not come is not there", async () => {
  for (const path of [
    `${MASTERS}/nobody/card.pdf`,
    "/session/no-such/cards.pdf",
    "/session/no-such/sheets.pdf",
  ])
    expect((await fetch(server.url + path)).status).toBe(404);
});

test("cards are printed one page each, on either paper", async ({ page }) => {
  await page.goto(`${server.url}${MASTERS.replace("masters", "throwers")}/cards`);
  await expect(page.getByRole("article")).toHaveCount(9);
  // Each has been measured.
  await expect(page.locator('[style*="--fit"]')).toHaveCount(9);
  for (const format of ["A4", "Letter"]) {
    const pdf = (await page.pdf({ format })).toString("latin1");
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(9);
  }
});
