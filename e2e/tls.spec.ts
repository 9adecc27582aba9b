import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { expect, test } from "@playwright/test";
import { createCA, createCert } from "mkcert";
import { startServer } from "./serve";

test.use({ ignoreHTTPSErrors: true });

test("over https what lets somebody in is sent over nothing else, and pages can be kept", async ({
  page,
}) => {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-tls-"));
  const authority = { organization: "Test", countryCode: "XX", state: "-", locality: "-", validity: 2 };
  const ca = await createCA(authority);
  const { cert, key } = await createCert({ ca, domains: ["localhost", "127.0.0.1"], validity: 2 });
  const [certFile, keyFile] = [path.join(folder, "cert.pem"), path.join(folder, "key.pem")];
  writeFileSync(certFile, `${cert}\n${ca.cert}`);
  writeFileSync(keyFile, key);
  const server = await startServer({
    ...{ ...process.env, DATABASE_URL: `file:${folder}/gym.db`, HOST: "0.0.0.0" },
    ...{ TLS_CERT: certFile, TLS_KEY: keyFile },
  });
  try {
    await expect.poll(() => server.said()).toContain("type the code that Access shows");
    expect(server.said()).not.toContain("Without https");
    await page.goto(server.url + /\/once\/[\w-]+/.exec(server.said())![0]);
    await page.getByLabel("Your name").fill("Maja Ott");
    await page.getByLabel("A password").fill("a stair of six steps");
    await page.getByRole("button", { name: "Run this gym" }).click();
    await expect(page).toHaveURL(`${server.url}/`);
    const cookies = await page.context().cookies();
    const token = cookies.find((c) => c.name.endsWith("iron-step.session_token"))!;
    expect(token).toMatchObject({ secure: true, httpOnly: true, sameSite: "Lax" });
    expect(await page.evaluate(() => window.isSecureContext)).toBe(true);
  } finally {
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
