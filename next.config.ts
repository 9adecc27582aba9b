import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import type { NextConfig } from "next";

/** What a plan is worked out by: it changes with any source of the core or the catalog, tests apart. */
function modelVersion(): string {
  const hash = createHash("sha256");
  for (const folder of ["src/core", "src/catalog", "src/server/plans"]) {
    const files = readdirSync(folder, { recursive: true, encoding: "utf8" }).sort();
    for (const file of files.filter((f) => f.endsWith(".ts") && !f.endsWith(".test.ts")))
      hash.update(file).update(readFileSync(path.join(folder, file)));
  }
  return hash.digest("base64url").slice(0, 12);
}

const { version } = JSON.parse(readFileSync("package.json", "utf8")) as { version: string };

const config: NextConfig = {
  serverExternalPackages: ["@libsql/client", "libsql", "@react-pdf/renderer", "piscina"],
  env: { MODEL_VERSION: modelVersion(), APP_VERSION: version },
  // `npm test` checks the types once, before it builds.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
};

export default config;
