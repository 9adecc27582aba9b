import type { Page } from "@playwright/test";

/** A window that never looks at what others have saved, as one that is left open behind another. */
export async function neverLooks(page: Page): Promise<void> {
  await page.addInitScript(() => Object.defineProperty(document, "visibilityState", { get: () => "hidden" }));
}

/** Opens an address, until the page has come to life and knows what is stored now. */
export async function openAlive(page: Page, address: string): Promise<void> {
  const firstStamp = page.waitForResponse((response) => response.url().includes("/data/stamps/"));
  await page.goto(address);
  await firstStamp;
}
