import { expect, type Page } from "@playwright/test";

/** Waits until everything that was changed is stored. */
export async function saved(page: Page): Promise<void> {
  await expect(page.getByRole("status").filter({ hasText: /^Saved$/ })).toBeVisible();
}

/** Waits until the plan of a session's people is there. */
export async function ready(page: Page): Promise<void> {
  await expect(page.getByText(/^(Ready to lift after|Over by) /)).toBeVisible({ timeout: 30_000 });
}

/** Opens what else can be done with a session. */
export async function openMenu(page: Page): Promise<void> {
  const entry = page.getByRole("menuitem", { name: "Copy to other days" });
  await expect(async () => {
    if (!(await entry.isVisible()))
      await page.getByRole("button", { name: "More for this session" }).click({ timeout: 2000 });
    await expect(entry).toBeVisible({ timeout: 2000 });
  }).toPass();
}
