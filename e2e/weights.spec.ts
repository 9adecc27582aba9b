import { expect, test } from "@playwright/test";
import { serverForTests } from "./server";
import { saved } from "./signs";

const server = serverForTests({ demo: true });

test("a weight changed in a session counts for it only, until it is made the working weight", async ({
  page,
}) => {
  await page.goto(`${server.url}/session/today-pilots/ilse`);
  const offer = page.getByRole("button", { name: "Make it the working weight" });
  await expect(page.getByText(/^Last: 3 × 6 × 47.5 kg/)).toBeVisible();
  await expect(offer).toBeHidden();
  const field = page.getByLabel("Working weight", { exact: true });
  await expect(async () => {
    if ((await field.inputValue()) === "47.5")
      await page.getByRole("button", { name: "Working weight: more" }).click({ timeout: 2000 });
    await expect(field).toHaveValue("50", { timeout: 2000 });
  }).toPass();
  await expect(offer).toBeVisible();
  await saved(page);
  await offer.click();
  await expect(page.getByText(/^Ilse Maartens: 3 × 6 × 50 kg is on record/)).toBeVisible();
  await expect(offer).toBeHidden();
  await expect(page.getByText(/^Last: 3 × 6 × 50 kg/)).toBeVisible();
  await page.getByRole("button", { name: "Undo", exact: true }).last().click();
  await expect(page.getByText(/^Last: 3 × 6 × 47.5 kg/)).toBeVisible();
  await expect(offer).toBeVisible();
});

test("what an approach usually takes stands beside the minutes, and is taken with one click", async ({
  page,
}) => {
  await page.goto(`${server.url}/session/today-pilots/ilse`);
  const usual = page.getByRole("button", { name: /^Usually \d+ to \d+ minutes: take / });
  const minutes = Number(/take (\d+)/.exec((await usual.getAttribute("aria-label")) ?? "")?.[1]);
  await expect(async () => {
    if (await usual.isVisible()) await usual.click({ timeout: 1000 });
    await expect(usual).toBeHidden({ timeout: 1000 });
  }).toPass();
  await expect(page.getByLabel("Minutes", { exact: true })).toHaveValue(String(minutes));
});
