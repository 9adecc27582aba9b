import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { expect, test } from "@playwright/test";
import writeExcel from "write-excel-file/node";
import { expectNothing } from "./axe";
import { serverForTests } from "./server";

const server = serverForTests({ demo: true });

test("an Excel table with a column for each lift goes in, its bad line mended, another left out", async ({
  page,
}) => {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-table-"));
  const file = path.join(folder, "table.xlsx");
  const cell = (value: string | number) => ({ value });
  const rows = [
    ["First name", "Surname", "Squat", "Bench (lb)", "Date"],
    ["Mia", "Orr", "100kg", 135, "3/4/2026"],
    ["Ben", "Ash", "heavy", "", "3/4/2026"],
    ["", "", 90, "", "3/4/2026"],
    ["Ilse", "Maartens", 50, "", "3/4/2026"],
  ].map((row) => row.map(cell));
  await writeExcel(rows).toFile(file);
  await page.goto(`${server.url}/athletes`);
  await page.getByRole("button", { name: "Import a file" }).click();
  await page.getByLabel(/^A CSV or Excel file/).setInputFiles(file);
  await expect(page.getByText("Lifts by column: Squat, Bench (lb).")).toBeVisible();
  await page.getByRole("combobox", { name: "In days written in numbers" }).click();
  await page.getByRole("option", { name: /The day comes first/ }).click();
  await expect(page.getByText("2 new, 1 existing")).toBeVisible();
  await page.getByLabel("Line 3, Squat").fill("80");
  await page.getByLabel("Line 3, Squat").press("Enter");
  await expect(page.getByText("2 new, 1 existing, 4 working weights.")).toBeVisible();
  await expect(page.getByRole("combobox", { name: "Ilse Maartens" })).toContainText(
    "The one of Harbour pilots",
  );
  await expectNothing(page);
  await page.getByRole("button", { name: "Import without 1 line" }).click();
  await expect(page.getByText("3 athletes imported.")).toBeVisible();
  await page.getByLabel("Find by name").fill("Mia");
  await page.getByLabel("Find by name").press("Enter");
  await page.getByRole("link", { name: "Mia Orr" }).click();
  await expect(page.getByText("3 Apr 2026").first()).toBeVisible();
  rmSync(folder, { recursive: true });
});

test("a pack is made of what is one's own", async ({ page }) => {
  await page.goto(`${server.url}/library?shelf=drills`);
  await page.getByRole("button", { name: "New drill" }).click();
  await page.getByLabel("Name").fill("Rope climb");
  await page.getByRole("button", { name: "Create" }).click();
  await expect(page.getByRole("heading", { name: "Rope climb" })).toBeVisible();
  await page.goto(`${server.url}/files`);
  await page.getByRole("button", { name: "Make a pack" }).click();
  await page.getByRole("option", { name: "Rope climb" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Download" }).click();
  expect((await download).suggestedFilename()).toBe("pack.json");
});
