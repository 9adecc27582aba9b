import { expect, test } from "@playwright/test";
import {
  fromOf,
  isForeignChange,
  isOurHost,
  isPassedOn,
  isThisMachine,
  needsSignIn,
  pathOf,
} from "../scripts/reach.mjs";
import { serverForTests } from "./server";

const server = serverForTests({ demo: true });

test("a card on a phone: found at its address, gone when that is revoked", async ({ page, browser }) => {
  await page.goto(`${server.url}/session/tomorrow-masters/phones`);
  await page.getByRole("button", { name: "Share link to the card of Rashid al-Amin" }).click();
  const link = page.getByRole("link", { name: /\/card\// });
  await expect(link).toHaveCount(1);
  const path = (await link.getAttribute("href"))!;
  expect(path.length).toBeGreaterThan(25);
  const phone = await browser.newPage({ viewport: { width: 360, height: 720 } });
  await phone.goto(server.url + path);
  await expect(phone.getByRole("heading", { name: "Rashid al-Amin" })).toBeVisible();
  const overflow = await phone.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBeLessThanOrEqual(0);
  await page.getByRole("button", { name: "Stop sharing the card of Rashid al-Amin" }).click();
  await expect(link).toHaveCount(0);
  expect((await phone.goto(server.url + path))?.status()).toBe(404);
});

test("everybody signs in where another machine reaches the server, and nowhere else", async ({ request }) => {
  const [other, here] = ["192.168.1.30", "192.168.1.20"];
  for (const own of ["127.0.0.1", "::1", "::ffff:127.0.0.1"])
    expect(isThisMachine(own, "127.0.0.1")).toBe(true);
  expect([
    isThisMachine(here, here),
    isThisMachine(other, here),
    isThisMachine(undefined, undefined),
  ]).toEqual([true, false, false]);
  for (const alone of ["127.0.0.1", "localhost", "::1", "127.0.0.9"])
    expect([alone, needsSignIn(alone, undefined)]).toEqual([alone, false]);
  for (const open of ["0.0.0.0", "::", "192.168.1.20", "gym.local"])
    expect([open, needsSignIn(open, undefined)]).toEqual([open, true]);
  // A proxy on the same machine has other machines come in by this one's own address.
  expect(needsSignIn("127.0.0.1", "https://gym.example")).toBe(true);
  expect(needsSignIn("127.0.0.1", "http://localhost:3000/")).toBe(false);
  expect(isPassedOn({ "x-forwarded-for": other })).toBe(true);
  expect(isPassedOn({ host: "127.0.0.1" })).toBe(false);
  expect(fromOf("127.0.0.1", { "x-forwarded-for": `claimed, ${other}` })).toBe(other);
  expect(fromOf(other, { "x-forwarded-for": "claimed" })).toBe(other);
  const passedOn = await request.get(`${server.url}/`, { headers: { "x-forwarded-for": other } });
  expect(passedOn.status()).toBe(403);
  expect(await passedOn.text()).toContain("PUBLIC_URL");
});

test("a request that is meant for another name is not answered", async ({ request }) => {
  for (const own of ["localhost:3000", "127.0.0.1:3000", "[::1]:3000", "LOCALHOST"])
    expect([own, isOurHost(own)]).toEqual([own, true]);
  for (const other of [
    "elsewhere.example",
    "127.0.0.1.elsewhere.example",
    "",
    undefined,
    "a b",
    "localhost@x",
  ])
    expect([other, isOurHost(other, ["0.0.0.0"])]).toEqual([other, false]);
  expect(isOurHost("warm-ups.local:8080", ["warm-ups.local"])).toBe(true);
  expect(isOurHost("192.168.1.20:3000", ["192.168.1.20"])).toBe(true);
  const rebound = await request.get(`${server.url}/export/bundle.json`, {
    headers: { host: "elsewhere.example" },
  });
  expect(rebound.status()).toBe(421);
  expect(await rebound.text()).not.toContain("athletes");
});

test("every answer says what may be done with it, and addresses are read as they are meant", async ({
  request,
}) => {
  for (const path of ["/", "/api/health", "/export/athletes.csv", "/nowhere", "/card/none"]) {
    const headers = (await request.get(server.url + path)).headers();
    expect(headers["content-security-policy"]).toMatch(/script-src 'self' 'nonce-[^']+'/);
    expect(headers["content-security-policy"]).toContain("frame-ancestors 'none'");
    expect(headers["x-content-type-options"]).toBe("nosniff");
    expect(headers["referrer-policy"]).toBe(path.startsWith("/card/") ? "no-referrer" : "same-origin");
  }
  expect(pathOf("/api/../import/bundle?do=take")).toBe("/import/bundle");
  expect(pathOf("/api/%2e%2e/import/bundle")).toBe("/import/bundle");
  for (const gone of ["__proto__", "constructor", "toString"])
    expect((await request.get(`${server.url}/export/${gone}`)).status()).toBe(404);
  const plain = await request.post(`${server.url}/api/ramp`, {
    headers: { "content-type": "text/plain" },
    data: "{}",
  });
  expect(plain.status()).toBe(415);
});

test("another site's page cannot change anything", async ({ request }) => {
  const host = "127.0.0.1:3000";
  expect(isForeignChange("POST", { host, origin: `http://${host}` })).toBe(false);
  expect(isForeignChange("POST", { host, origin: "https://elsewhere.example" })).toBe(true);
  expect(isForeignChange("POST", { host, origin: "null" })).toBe(true);
  expect(isForeignChange("GET", { host, "sec-fetch-site": "cross-site" })).toBe(false);
  const passedOn = { host: "localhost:3000", origin: `http://${host}`, "x-action-forwarded": "1" };
  expect(isForeignChange("POST", passedOn)).toBe(false);
  const taken = await request.post(`${server.url}/import/bundle?do=take`, {
    headers: { origin: "https://elsewhere.example", "content-type": "text/plain" },
    data: "{}",
  });
  expect(taken.status()).toBe(403);
});
