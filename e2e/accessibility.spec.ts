import { expect, test } from "@playwright/test";
import { expectContrast, expectNothing, holdWorkers } from "./axe";
import { serverForTests } from "./server";

// The pages are only looked at, so every worker may take any of them.
test.describe.configure({ mode: "parallel" });

const server = serverForTests({ demo: true });

/** Widths at which nothing may be cut off: a tablet, a phone, and the laptop at 200 %. */
const WIDTHS = [1024, 640, 390];

for (const [name, path] of [
  ["today", "/"],
  ["the calendar", "/calendar"],
  ["the plan editor", "/session/today-masters/consuelo"],
  ["the plan editor without a weight", "/session/today-pilots/noa"],
  ["the plan editor of a circuit and of two lifts", "/session/today-throwers/kalea"],
  ["the plan editor of one in a group", "/session/tomorrow-masters/rashid"],
  ["a session with one warm-up for all", "/session/tomorrow-pilots"],
  ["a session of each alone", "/session/today-masters"],
  ["a session's ramps", "/session/tomorrow-masters?view=ramps"],
  ["the card", "/session/today-masters/rashid/card"],
  ["the sheets", "/session/tomorrow-pilots/sheets"],
  ["the cards on phones", "/session/tomorrow-pilots/phones"],
  ["the athletes", "/athletes"],
  ["an athlete", "/athletes/consuelo"],
  ["an athlete's tests", "/athletes/consuelo/tests"],
  ["an athlete's progress", "/athletes/consuelo/progress"],
  ["everybody's progress", "/progress"],
  ["a day of tests", "/tests"],
  ["a record that is not written", "/session/today-masters/record"],
  ["the gym", "/gym"],
  ["the library", "/library?shelf=drills&of=glute-bridge"],
  ["the files", "/files"],
  ["a page that is not there", "/session/gone"],
] as const) {
  test(`axe finds nothing on ${name}, light or dark, and nothing is cut off`, async ({ page }) => {
    await holdWorkers(page);
    await page.goto(server.url + path);
    await expectNothing(page);
    await page.evaluate(() => document.documentElement.setAttribute("data-theme", "dark"));
    await expectContrast(page);
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 768 });
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect([width, overflow]).toEqual([width, Math.min(0, overflow)]);
    }
  });
}
