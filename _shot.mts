// @ts-nocheck
import { chromium } from "playwright-core";
const [,, url, out, w = "1280", h = "800", ...acts] = process.argv;
const b = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox","--disable-gpu","--disable-quic","--no-first-run","--disable-background-networking","--disable-component-update","--disable-sync"] });
const p = await b.newPage({ viewport: { width: +w, height: +h } });
p.on("console", (m) => { if (m.type() === "error") console.log("console:", m.text().slice(0, 300)); });
p.on("pageerror", (e) => console.log("pageerror:", e.message.slice(0, 300)));
await p.goto(url); await p.waitForTimeout(1800);
for (const a of acts) { const [k, ...r] = a.split(":"); const v = r.join(":");
  if (k === "click") await p.getByRole("button", { name: v, exact: false }).first().click();
  if (k === "text") await p.getByText(v).first().click();
  if (k === "key") await p.keyboard.press(v);
  if (k === "wait") await p.waitForTimeout(+v);
  if (k === "combo") await p.getByRole("combobox", { name: v }).click();
  if (k === "option") await p.getByRole("option", { name: v }).first().click();
  if (k === "full") { await p.screenshot({ path: out, fullPage: true }); }
}
await p.waitForTimeout(300);
if (!acts.includes("full:")) await p.screenshot({ path: out });
await b.close();
