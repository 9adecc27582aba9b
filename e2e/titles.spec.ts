import { expect, test } from "@playwright/test";
import { serverForTests } from "./server";

const server = serverForTests({ demo: true });

const DAY = String.raw`(Mon|Tue|Wed|Thu|Fri|Sat|Sun) \d{1,2} [A-Z][a-z]{2}`;

for (const [path, title] of [
  ["/", "^Iron Step$"],
  ["/calendar", "^Calendar · Iron Step$"],
  ["/athletes/consuelo", "^Consuelo Ibarra · Iron Step$"],
  ["/session/tomorrow-pilots", `^Harbour pilots, ${DAY} · Iron Step$`],
  ["/session/tomorrow-pilots/sheets", `^Sheets: Harbour pilots, ${DAY} · Iron Step$`],
  ["/session/today-masters/consuelo", `^Warm-up: Consuelo Ibarra, ${DAY} · Iron Step$`],
  ["/session/today-masters/consuelo/card", `^Card: Consuelo Ibarra, ${DAY} · Iron Step$`],
] as const) {
  test(`${path} is titled by who and what`, async ({ request }) => {
    const html = await (await request.get(server.url + path)).text();
    expect(/<title>([^<]*)<\/title>/.exec(html)?.[1]).toMatch(new RegExp(title));
  });
}

test("what is read is never kept by a browser, and what is not there is said", async ({ request }) => {
  const found = await request.get(`${server.url}/data/sessions/tomorrow-pilots`);
  expect(found.headers()["cache-control"]).toBe("no-store");
  expect(await found.json()).toMatchObject({
    revision: expect.any(Number),
    draft: { name: "Harbour pilots" },
  });
  for (const gone of ["sessions/gone", "athletes/gone", "stamps/session/gone", "stamps/drawer/today-pilots"])
    expect([gone, (await request.get(`${server.url}/data/${gone}`)).status()]).toEqual([gone, 404]);
});

test("a number is a spin button that says its value, and arrows step it", async ({ page }) => {
  await page.goto(`${server.url}/session/tomorrow-pilots`);
  const minutes = page.getByRole("spinbutton", { name: "Minutes", exact: true });
  const before = (await minutes.getAttribute("aria-valuenow"))!;
  await expect(minutes).toHaveValue(before);
  await expect(async () => {
    await minutes.focus();
    await page.keyboard.press("ArrowUp");
    await expect(minutes).not.toHaveAttribute("aria-valuenow", before, { timeout: 1000 });
  }).toPass();
  await expect(minutes).toHaveAttribute("aria-valuetext", /^\d+/);
  await expect(page.getByRole("spinbutton", { name: "First working set" })).toHaveAttribute(
    "aria-valuetext",
    /^\d\d:\d\d$/,
  );
});

test("what cannot be fetched when it is opened comes when it can be, and the page stays", async ({
  page,
}) => {
  const address = `${server.url}/session/today-throwers/amara`;
  const html = await (await page.request.get(address)).text();
  let isAway = true;
  let refused = 0;
  // All code that is no part of the page itself.
  await page.route("**/_next/static/chunks/*.js", (route) => {
    const name = new URL(route.request().url()).pathname.split("/").at(-1)!;
    if (!isAway || html.includes(name)) return route.continue();
    refused += 1;
    return route.abort();
  });
  await page.goto(address);
  // The page has come to life once it asks for more than it came with.
  await expect.poll(() => refused).toBeGreaterThan(0);
  await page.getByRole("button", { name: "Compare" }).click();
  await expect(page.getByRole("heading", { level: 1, name: /^Warm-up of Amara/ })).toBeAttached();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  isAway = false;
  await expect(page.getByRole("dialog", { name: "Two approaches to this session" })).toBeVisible();
});
