import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";

const RULES = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];

/** Keeps hold of the page's workers, so that they can be ended while the page is looked at. */
export async function holdWorkers(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const all: Worker[] = [];
    Object.assign(globalThis, { workersOfPage: all });
    globalThis.Worker = class extends Worker {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options);
        all.push(this);
      }
    };
  });
}

/** What axe finds on the page as it stands; only what is wrong is described, which takes a third of the time. */
async function violations(page: Page, runOnly: string[]) {
  const options = { runOnly, preload: false, resultTypes: ["violations" as const] };
  return (await new AxeBuilder({ page }).setLegacyMode(true).options(options).analyze()).violations;
}

/** A title comes with the page's data, a moment after its words; the one before goes first. */
async function titleSettled(page: Page): Promise<void> {
  let before = "";
  const isSettled = async () => {
    const now = await page.title();
    const isSame = now !== "" && now === before;
    before = now;
    return isSame;
  };
  await expect.poll(isSettled, { intervals: [200] }).toBe(true);
}

/** Expects that axe finds nothing on the page as it stands; long work of the page is ended first. */
export async function expectNothing(page: Page): Promise<void> {
  await page.evaluate(() => {
    const { workersOfPage = [] } = globalThis as { workersOfPage?: Worker[] };
    for (const worker of workersOfPage) worker.terminate();
  });
  await titleSettled(page);
  const found = await violations(page, RULES);
  expect(found.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(" ")).join(", ")}`)).toEqual([]);
}

/** Expects that every text stands out from what it is on. */
export async function expectContrast(page: Page): Promise<void> {
  const found = await violations(page, ["color-contrast"]);
  expect(found.flatMap((v) => v.nodes.map((n) => n.html))).toEqual([]);
}
