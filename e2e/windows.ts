import type { Page } from "@playwright/test";

/** A window that never looks at what others have saved, as one that is left open behind another. */
export async function neverLooks(page: Page): Promise<void> {
  await page.addInitScript(() => Object.defineProperty(document, "visibilityState", { get: () => "hidden" }));
}
