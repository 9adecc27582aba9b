import { expect, type Page, test } from "@playwright/test";
import { serverForTests } from "./server";
import { ready, saved } from "./signs";

const server = serverForTests({ demo: true });

const secondsOf = (clock: string) => {
  const [minutes, seconds] = clock.split(":").map(Number);
  return minutes! * 60 + seconds!;
};

/** After how long all are ready, as the page says it. */
async function readyAfter(page: Page): Promise<number> {
  await ready(page);
  const words = (await page.getByText(/^(Ready to lift after|Over by) /).textContent())!;
  const [, over, clock, planned] = /^(Over by|Ready to lift after) ([\d:]+) \((\d+) min planned\)/.exec(
    words,
  )!;
  return over === "Over by" ? Number(planned) * 60 + secondsOf(clock!) : secondsOf(clock!);
}

async function racks(page: Page, count: number) {
  const field = page.getByRole("spinbutton", { name: "Racks" });
  await expect(async () => {
    await field.fill(String(count));
    await field.press("Enter");
    await expect(field).toHaveValue(String(count), { timeout: 1000 });
  }).toPass();
  await saved(page);
  await expect(page.getByText(/The last rack is ready .* after the start/)).toBeVisible();
}

test("one bar for all takes longer: ready, arrive, timeline and Today say so, and one click mends it", async ({
  page,
}) => {
  await page.goto(`${server.url}/session/today-pilots`);
  await ready(page);
  await racks(page, 3);
  const free = await readyAfter(page);
  await racks(page, 1);
  await expect(async () => expect(await readyAfter(page)).toBeGreaterThan(free)).toPass();
  const over = page.getByRole("region", { name: "Over time" });
  await expect(over.getByText(/^Sharing one bar takes [\d:]+ more/)).toBeVisible();
  await expect(page.getByRole("img", { name: /Ready at .*, waits \d/ }).first()).toBeVisible();

  const more = over.getByRole("button", { name: /^2 racks \(ready after [\d:]+\)$/ });
  const promised = secondsOf(/after ([\d:]+)/.exec((await more.textContent())!)![1]!);
  const longer = over.getByRole("button", { name: /^Plan \d+ min \(arrive \d\d:\d\d\)$/ });
  const arrive = /arrive (\d\d:\d\d)/.exec((await longer.textContent())!)![1]!;
  await expect(page.getByText(arrive, { exact: true })).toBeVisible();

  await page.goto(`${server.url}/`);
  await expect(page.getByText(new RegExp(`Arrive ${arrive}.* min over`))).toBeVisible();

  await page.goto(`${server.url}/session/today-pilots`);
  await ready(page);
  await more.click();
  await saved(page);
  await expect(async () => expect(await readyAfter(page)).toBe(promised)).toPass();
});
