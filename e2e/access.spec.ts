import type { Browser, Page } from "@playwright/test";
import { expect, test } from "@playwright/test";
import { expectNothing } from "./axe";
import { serverForTests } from "./server";

/** A server that other machines reach: everybody signs in, this machine's browser too. */
const server = serverForTests({ demo: true, host: "0.0.0.0" });

const PASSWORD = "a stair of six steps";

async function signIn(page: Page, name: string, password: string): Promise<void> {
  await page.goto(`${server.url}/sign-in`);
  await page.getByLabel("Name").fill(name);
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Sign in", exact: true }).click();
}

/** The code that the desk shows for whom it is. */
async function codeFor(page: Page, who: RegExp): Promise<string> {
  await page.goto(`${server.url}/access`);
  await page.getByRole("button", { name: "Let a device in" }).click();
  const sheet = page.getByRole("dialog", { name: "Let a device in" });
  const choice = sheet.getByLabel("Who uses it");
  const option = choice.getByRole("option", { name: who });
  await choice.selectOption(await option.getAttribute("value"));
  await sheet.getByRole("button", { name: "Show a code" }).click();
  await expect(sheet.getByRole("img", { name: "Code to scan with the device" })).toBeVisible();
  return (await sheet.getByText(/^[A-Z2-9]{3} [A-Z2-9]{3}$/).textContent())!;
}

/** A device in its own browser, let in by a code. */
async function device(browser: Browser, code: string, name: string): Promise<Page> {
  const page = await (await browser.newContext({ viewport: { width: 1024, height: 768 } })).newPage();
  await page.goto(`${server.url}/pair?code=${code.replace(" ", "")}`);
  await page.getByLabel("What this device is").fill(name);
  await page.getByRole("button", { name: "Let it in" }).click();
  return page;
}

test.describe.configure({ mode: "serial" });

test("nobody sees anything, and is led to where they sign in", async ({ page, request }) => {
  for (const path of ["/", "/athletes", "/session/today-masters", "/athletes/ilse/report", "/me"]) {
    await page.goto(server.url + path);
    await expect(page).toHaveURL(/\/sign-in$/);
    expect(await page.title()).not.toContain("Ilse");
  }
  await expectNothing(page);
  for (const path of ["/export/bundle.json", "/data/places", "/api/catalog", "/me/data.json"]) {
    const answer = await request.get(server.url + path, { maxRedirects: 0 });
    expect([path, answer.status()]).toEqual([path, 401]);
    expect(await answer.text()).not.toContain("Ilse");
  }
  expect((await request.get(`${server.url}/api/health`)).status()).toBe(200);
});

test("the first start leads to an owner, and prints how tablets come in", async ({ page }) => {
  await expect.poll(() => server.said()).toContain("type the code that Access shows");
  const path = /\/once\/[\w-]+/.exec(server.said())![0];
  await page.goto(server.url + path);
  await expectNothing(page);
  await page.getByLabel("Your name").fill("Maja Ott");
  await page.getByLabel("A password").fill("short");
  await page.getByRole("button", { name: "Run this gym" }).click();
  await expect(page.getByText(/at least ten signs: a few words/i)).toBeVisible();
  await page.getByLabel("A password").fill(PASSWORD);
  await page.getByRole("button", { name: "Run this gym" }).click();
  await expect(page.getByRole("link", { name: "Maja Ott" })).toBeVisible();
  await page.goto(server.url + path);
  await expect(page.getByRole("heading", { name: "This link no longer works" })).toBeVisible();
  await page.goto(`${server.url}/account`);
  await expectNothing(page);
  await page.getByRole("button", { name: "Sign out" }).click();
  await expect(page).toHaveURL(/\/sign-in$/);
});

test("a coach is added by a link, and does all of the sport and nothing of the house", async ({
  page,
  browser,
}) => {
  await signIn(page, "maja ott", PASSWORD);
  await expect(page.getByRole("link", { name: "Maja Ott" })).toBeVisible();
  await page.goto(`${server.url}/access`);
  await expectNothing(page);
  await page.getByRole("button", { name: "Add somebody" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Teo Lind");
  await page.getByRole("button", { name: "Add", exact: true }).click();
  const sheet = page.getByRole("dialog", { name: "A link for Teo Lind" });
  await expectNothing(page);
  const link = (await sheet.getByText(/\/once\//).textContent())!;
  const coach = await (await browser.newContext()).newPage();
  await coach.goto(server.url + new URL(link).pathname);
  await coach.getByLabel("A password").fill("kettle bell swing");
  await coach.getByRole("button", { name: "Come in" }).click();
  await expect(coach.getByRole("link", { name: "Teo Lind" })).toBeVisible();
  await coach.goto(`${server.url}/athletes/ilse`);
  await expect(coach.getByRole("heading", { name: "Ilse Maartens" })).toBeVisible();
  await coach.goto(`${server.url}/access`);
  await expect(coach.getByRole("region", { name: "Devices" })).toBeVisible();
  await expect(coach.getByRole("region", { name: "People" })).toHaveCount(0);
  const backup = await coach.request.get(`${server.url}/export/bundle.json`);
  expect(backup.status()).toBe(403);
  expect((await coach.request.get(`${server.url}/export/athletes.csv`)).status()).toBe(200);
  // Who took what out is written down for the owner.
  await page.goto(`${server.url}/access`);
  await expect(page.getByRole("region", { name: "Taken out lately" })).toContainText(
    "All of athletes.csv by Teo Lind",
  );
});

test("a tablet for an assistant runs the floor and sees nothing else", async ({ page, browser }) => {
  await signIn(page, "Maja Ott", PASSWORD);
  await expect(page.getByRole("link", { name: "Maja Ott" })).toBeVisible();
  const code = await codeFor(page, /^An assistant/);
  await expectNothing(page);
  const tablet = await device(browser, code, "Tablet at rack 2");
  await expect(tablet.getByRole("link", { name: "Tablet at rack 2" })).toBeVisible();
  await expect(tablet.getByRole("navigation", { name: "Places" }).getByRole("link")).toHaveCount(1);
  await expect(tablet.getByText("Rashid al-Amin").first()).toBeVisible();
  await expect(tablet.getByRole("link", { name: /Rashid al-Amin/ })).toHaveCount(0);
  // What is sore is for coaches, on the list as well.
  await page.goto(server.url);
  await expect(page.getByText(/is sore and/).first()).toBeVisible();
  await expect(tablet.getByText(/is sore and/)).toHaveCount(0);
  await tablet.goto(`${server.url}/athletes/ilse`);
  await expect(tablet.getByRole("heading", { name: "This is for coaches" })).toBeVisible();
  await tablet.goto(`${server.url}/session/today-masters/floor`);
  await expect(tablet.getByRole("button", { name: /Start/ }).first()).toBeVisible();
  // Ended on the desk, it is out at once.
  await page.goto(`${server.url}/access`);
  await page.getByRole("button", { name: "End Tablet at rack 2" }).click();
  await expect(page.getByText("Tablet at rack 2 is out.")).toBeVisible();
  await tablet.goto(server.url);
  await expect(tablet).toHaveURL(/\/sign-in$/);
});

test("an athlete's phone has their card, report and data, and nothing of others", async ({
  page,
  browser,
}) => {
  await signIn(page, "Maja Ott", PASSWORD);
  await expect(page.getByRole("link", { name: "Maja Ott" })).toBeVisible();
  const phone = await device(browser, await codeFor(page, /^Ilse Maartens$/), "Ilse's phone");
  await expect(phone.getByRole("heading", { name: "Ilse Maartens" })).toBeVisible();
  await expectNothing(phone);
  await phone.getByRole("region", { name: "Sessions" }).getByRole("link").first().click();
  await expect(phone.getByRole("heading", { name: "Ilse Maartens" })).toBeVisible();
  await expect(phone).toHaveURL(/\/card\//);
  await phone.goto(`${server.url}/athletes/rashid`);
  await expect(phone).toHaveURL(/\/me$/);
  await phone.getByRole("link", { name: "Your report", exact: true }).click();
  await expect(phone.getByRole("main")).toContainText("Ilse");
  const data = await (await phone.request.get(`${server.url}/me/data.json`)).json();
  expect(data).toMatchObject({ format: "iron-step-person", athlete: { name: "Ilse Maartens" } });
  expect(JSON.stringify(data)).not.toContain("Rashid");
  for (const path of ["/athletes/ilse/data.json", "/export/athletes.csv", "/api/floor/today-masters"])
    expect([path, (await phone.request.get(server.url + path)).status()]).toEqual([path, 403]);
});

test("a passkey lets in who has made one", async ({ page }) => {
  const local = server.url.replace("127.0.0.1", "localhost");
  const browser = await page.context().newCDPSession(page);
  await browser.send("WebAuthn.enable");
  await browser.send("WebAuthn.addVirtualAuthenticator", {
    options: {
      ...{ protocol: "ctap2", transport: "internal", hasResidentKey: true, hasUserVerification: true },
      ...{ isUserVerified: true, automaticPresenceSimulation: true },
    },
  });
  await page.goto(`${local}/sign-in`);
  await page.getByLabel("Name").fill("Maja Ott");
  await page.getByLabel("Password").fill(PASSWORD);
  await page.getByRole("button", { name: "Sign in", exact: true }).click();
  await page.getByRole("link", { name: "Maja Ott" }).click();
  await page.getByRole("button", { name: "Add a passkey" }).click();
  await expect(page.getByText(/^Passkey 1, since/)).toBeVisible();
  await page.getByRole("button", { name: "Sign out" }).click();
  await page.getByRole("button", { name: "With a passkey" }).click();
  await expect(page.getByRole("link", { name: "Maja Ott" })).toBeVisible();
});

test("a calendar subscribes to an address of its own, until that is revoked", async ({ page, request }) => {
  await signIn(page, "Maja Ott", PASSWORD);
  await expect(page.getByRole("link", { name: "Maja Ott" })).toBeVisible();
  await page.goto(`${server.url}/access`);
  await page.getByRole("button", { name: "Share the calendar" }).click();
  await page.getByLabel("For whom").fill("Maja's phone");
  await page.getByRole("button", { name: "Make an address" }).click();
  const list = page.getByRole("region", { name: "Addresses" });
  await expect(list.getByText("Calendar: Maja's phone")).toBeVisible();
  const address = /\/calendar\/[\w-]+/.exec((await list.textContent())!)![0];
  const feed = await request.get(`${server.url}${address}.ics`);
  expect(feed.status()).toBe(200);
  expect(await feed.text()).toContain("BEGIN:VEVENT");
  await list.getByRole("button", { name: "Stop sharing: Calendar: Maja's phone" }).click();
  await expect(list.getByText("Calendar: Maja's phone")).toHaveCount(0);
  expect((await request.get(`${server.url}${address}.ics`)).status()).toBe(404);
});
