import { createClient } from "@libsql/client";
import { expect, test } from "@playwright/test";
import { addDays, format } from "date-fns";
import { expectNothing } from "./axe";
import { serverForTests } from "./server";

const server = serverForTests({ demo: true });

/** Writes down that somebody hurt yesterday, as a session on the floor would have. */
async function hurt(athlete: string, level: number): Promise<void> {
  const client = createClient({ url: `file:${server.file}` });
  const day = format(addDays(new Date(), -1), "yyyy-MM-dd");
  const pains = [{ area: "wrist", level, quality: "dull", signs: [], lift: 0 }];
  await client.execute({
    sql: "insert into athlete_session values (?, ?, ?, 'Yesterday', 'there', 900, 950, ?, '[]', '[]', ?)",
    args: ["today-throwers", athlete, day, JSON.stringify(pains), new Date(`${day}T09:00:00`).getTime()],
  });
  client.close();
}

test("what hurt is asked about on Today, and what is worse comes back for the coach to decide", async ({
  page,
}) => {
  await hurt("yusuf", 3);
  await page.goto(server.url);
  const asked = page.getByRole("region", { name: "Follow-ups" });
  await expect(asked.getByText(/Wrist, 3 of 10/).first()).toBeVisible();
  await expectNothing(page);
  await asked.getByRole("button", { name: "Worse than before" }).click();
  await asked.getByRole("button", { name: "5", exact: true }).click();
  await expect(asked.getByText("Worse than before: go lighter next time.")).toBeVisible();
  await asked.getByRole("button", { name: "Mark wrist as sore" }).click();
  await expect(page.getByText(/wrist marked as sore/)).toBeVisible();
  await page.goto(`${server.url}/athletes/yusuf`);
  await expect(page.getByText("Wrist").first()).toBeVisible();
});

test("the athlete answers on the phone, with one tap where it is as usual", async ({ page }) => {
  await hurt("kalea", 2);
  await page.goto(`${server.url}/session/today-throwers/phones`);
  await page.getByRole("button", { name: "Share all links" }).click();
  const client = createClient({ url: `file:${server.file}` });
  await expect
    .poll(
      async () =>
        (await client.execute("select count(*) n from card_address where athlete_id = 'kalea'")).rows[0]!.n,
    )
    .toBe(1);
  const { rows } = await client.execute("select token from card_address where athlete_id = 'kalea'");
  client.close();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${server.url}/card/${rows[0]!.token}`);
  const asked = page.getByRole("region", { name: "How is it now" });
  await expect(asked.getByText(/Wrist, 2 of 10/).first()).toBeVisible();
  await expectNothing(page);
  await asked.getByRole("button", { name: "As usual" }).click();
  await expect(asked.getByText("Thank you: your coach has it.")).toBeVisible();
  await page.reload();
  await expect(asked).toHaveCount(0);
  await page.goto(`${page.url()}/report`);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await expectNothing(page);
});

test("a session is started from the calendar", async ({ page }) => {
  await page.goto(`${server.url}/calendar`);
  const today = page.getByRole("list", { name: "Today on the floor" });
  await today.getByRole("link", { name: "Start: Harbour pilots" }).click();
  await page
    .getByRole("button", { name: /^Start/ })
    .last()
    .click();
  // The server has to have it before another page can say so.
  await expect
    .poll(async () => (await page.request.get(`${server.url}/api/floor/today-pilots`)).status())
    .toBe(200);
  await page.goto(`${server.url}/calendar`);
  await expect(today.getByRole("link", { name: "Running: Harbour pilots" })).toBeVisible();
});
