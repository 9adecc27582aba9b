import { expect, type Page, test } from "@playwright/test";
import { serverForTests } from "./server";

const server = serverForTests({ demo: true });

const SESSION = "tomorrow-throwers";
const happening = (page: Page) => page.locator(`[data-session="${SESSION}"]`);
const times = async (page: Page) =>
  [...((await happening(page).textContent()) ?? "").matchAll(/\d\d:\d\d/g)].map(([clock]) => clock);
const stored = async () => {
  const bundle = await (await fetch(`${server.url}/export/bundle.json`)).json();
  const { day, time } = bundle.sessions.find((s: { id: string }) => s.id === SESSION);
  return { day, time };
};

test("a session is moved by keys, quick ones too, keeps the focus, and goes back", async ({ page }) => {
  const { day, time } = await stored();
  await page.goto(`${server.url}/calendar?day=${day}&view=day`);
  await happening(page).focus();
  const [from] = await times(page);
  for (let i = 0; i < 3; i++) await page.keyboard.press("Shift+ArrowDown");
  await expect.poll(stored).toEqual({ day, time: "17:15" });
  await expect.poll(() => times(page)).not.toContain(from);
  await expect(happening(page)).toBeFocused();
  await page.keyboard.press("Shift+ArrowRight");
  const next = new Date(`${day}T12:00:00Z`);
  next.setUTCDate(next.getUTCDate() + 1);
  await expect.poll(stored).toEqual({ day: next.toISOString().slice(0, 10), time: "17:15" });
  // The day that it has gone to comes into view, and it still has the focus.
  await expect(page).toHaveURL(new RegExp(`day=${next.toISOString().slice(0, 10)}`));
  await expect(happening(page)).toBeFocused();
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect.poll(stored).toEqual({ day, time: "17:15" });
  expect(time).toBe("16:30");
});

test("a session is dragged to another time", async ({ page }) => {
  const { day, time } = await stored();
  await page.goto(`${server.url}/calendar?day=${day}&view=day`);
  await happening(page).scrollIntoViewIfNeeded();
  const box = (await happening(page).boundingBox())!;
  await page.mouse.move(box.x + 20, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + 20, box.y - 60, { steps: 8 });
  await page.mouse.up();
  await expect.poll(async () => (await stored()).time).not.toBe(time);
  expect((await stored()).time < time).toBe(true);
});

test("a free time takes a new session for that time", async ({ page }) => {
  const { day } = await stored();
  await page.goto(`${server.url}/calendar?day=${day}&view=day`);
  await page.locator('.fc-timegrid-slot-lane[data-time="11:30:00"]').click({ position: { x: 300, y: 5 } });
  const sheet = page.getByRole("dialog", { name: "New session" });
  await expect(sheet.getByRole("spinbutton", { name: "First working set" })).toHaveValue("11:30");
  await sheet.getByRole("button", { name: "Create session" }).click();
  await expect(page.getByText(/at the bar at 11:30|11:30/).first()).toBeVisible({ timeout: 20_000 });
});

test("what was taken out is still brought back after the server has stopped", async ({ page }) => {
  await page.goto(`${server.url}/session/${SESSION}`);
  await page.getByRole("button", { name: "More for this session" }).click();
  await page.getByRole("menuitem", { name: "Delete" }).click();
  await expect(page).toHaveURL(`${server.url}/`);
  await server.stop();
  await server.start();
  await page.goto(`${server.url}/files`);
  await page.getByRole("button", { name: /^Restore: Throwing squad/ }).click();
  await expect(page.getByText("Nothing yet.")).toBeVisible();
  await page.goto(`${server.url}/session/${SESSION}`);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Throwing squad");
});
